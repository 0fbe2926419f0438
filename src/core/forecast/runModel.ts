import { usualCoolingOutC } from "../cooling/duty";
import { extraction } from "../plant/usualRelease";
import { plantById } from "../plant/catalogue";
import { oilParts, type OilParts } from "../plant/oilParts";
import { soakOf, usualSoakGPerGDry } from "../plant/soaking";
import { figuresAt } from "../plant/wilting";
import { washingOf } from "../plant/washing";
import {
  boilingTogether,
  oilProperties,
  type BoilingTogether,
  type Composition,
  type OilProperties,
} from "../plant/oil";
import { heatSources } from "../still/heatSources";
import { minutesToHeat } from "../still/heatUp";
import { boilingPointC } from "../water/saturation";
import { pressureAtAltitudePa } from "../water/atmosphere";
import { latentHeat, usualTapC, waterHeatCapacity } from "../water/properties";
import type { ForecastRequest } from "./request";

/** Heat capacity of dry plant matter, J/(g·K): cellulose and its kin, 1.3 to 1.7 in wood handbooks. */
const dryPlantHeatCapacity = 1.6;

/** The material's figures, wherever they came from. */
interface MaterialFigures {
  oilMlPerKg: { low: number; high: number };
  freeShare: number;
  releasePerMinute: number;
  washing: number;
  volatility: number;
  hydrodiffusion: number;
  steamSaturation: number;
  esterLossPerMinute: number;
  moisture: number;
  /** Water that its dry matter holds when it lies in water, g/g. */
  soakGPerGDry: number;
  /** The oil as it is in the plant. */
  oil: OilProperties & BoilingTogether;
  parts: OilParts;
  /** Share of the oil whose compounds are named, by mass. */
  namedShare: number;
}

/** A run before chance enters: everything that follows from the request alone. */
export interface RunModel {
  request: ForecastRequest;
  material: MaterialFigures;
  boilC: number;
  /** Where the oil, as it is in the plant, and water boil together, °C. */
  togetherC: number;
  latentJPerG: number;
  airC: number;
  efficiency: number;
  lossWPerK: number;
  coolingInC: number;
  coolingOutC: number;
  /** Whether the plant lies in the water. */
  inWater: boolean;
  /** Whether the distillate flows back, so that the pot keeps its water. */
  returns: boolean;
  /**
   * Free water above the dry line at the first drop, mL: what the run can spend before it is in danger. Infinity
   * where it flows back.
   */
  aboveDryLineMl: number;
  /**
   * What the run can spend at all, mL: to the dry line where the plant holds nothing, and where it does, to the
   * last drop that stands free. A plan past the dry line is an error, but what came would come. Infinity where it
   * flows back.
   */
  spendableMl: number;
  /** Liquid in the pot at the first drop, outside the plant, mL. */
  freeWaterMl: number;
  suspendedShare: number;
  waterSaturation: number;
  hazeMlPerL: number;
  /** Water in the receiver where the hydrosol flows back, mL. */
  armMl: number;
  /** What condenses in a plant vessel of its own while it runs, g/min: the boiler spends it as well. */
  vesselDrainGPerMin: number;
  /** Minutes to boil and to the first drop under some heating efficiency; Infinity when it never does. */
  times(efficiency: number): { boil: number; firstDrop: number };
  /**
   * Steam through the charge, g/min, 0 when the loss eats the heat; at the power of the plan's run
   * where none is told.
   */
  steamGPerMin(efficiency: number, powerW?: number): number;
}

/**
 * Resolves a request's defaults and works out its heat.
 * @throws RangeError naming the field when a plant, state or composition is not known
 */
export function runModel(request: ForecastRequest): RunModel {
  const { method, massG, still, waterMl, site = {} } = request;
  const pressurePa = site.pressurePa ?? pressureAtAltitudePa(site.altitudeM ?? 0);
  const boilC = boilingPointC(pressurePa);
  const airC = site.airC ?? 18;
  const waterC = site.waterC ?? usualTapC;
  const coolingInC = site.coolingInC ?? waterC;
  const inWater = method !== "steam";
  const returns = method === "cohobation";
  const material = materialFigures(request, boilC, pressurePa);
  const latentJPerG = latentHeat(boilC);
  const lossWPerK = still.lossWPerK ?? 1;
  const plantCapacity =
    massG *
    (waterHeatCapacity * material.moisture + dryPlantHeatCapacity * (1 - material.moisture));
  const potCapacity = waterMl * waterHeatCapacity + (still.vesselJPerK ?? 0);
  const condensateG = !inWater ? (plantCapacity * (boilC - airC)) / latentJPerG : 0;
  const dryG = massG * (1 - material.moisture);
  const soakedMl = inWater
    ? Math.max(0, material.soakGPerGDry * dryG - massG * material.moisture)
    : 0;
  const freeWaterMl = waterMl - condensateG - soakedMl;
  const dryLineMl = still.dryLineMl ?? 0;

  const net = (efficiency: number, powerW = still.heat.powerW) =>
    efficiency * powerW - lossWPerK * (boilC - airC);
  const heatUp = (efficiency: number, capacityJPerK: number) => ({
    powerW: efficiency * still.heat.powerW,
    lossWPerK,
    capacityJPerK,
    airC,
  });
  return {
    request,
    material,
    boilC,
    togetherC: material.oil.temperatureC,
    latentJPerG,
    airC,
    efficiency: still.heat.efficiency ?? heatSources[still.heat.kind ?? "plate"].usualEfficiency,
    lossWPerK,
    coolingInC,
    coolingOutC: site.coolingOutC ?? usualCoolingOutC,
    inWater,
    returns,
    aboveDryLineMl: spendable(freeWaterMl - dryLineMl, returns),
    spendableMl: spendable(Math.min(freeWaterMl + soakedMl - dryLineMl, freeWaterMl), returns),
    freeWaterMl: Math.max(0, freeWaterMl),
    suspendedShare: request.suspendedShare ?? extraction.suspendedShare.usual,
    waterSaturation:
      request.waterSaturation ??
      (returns ? extraction.waterSaturationFlowing : extraction.waterSaturationJar).usual,
    hazeMlPerL: request.hazeMlPerL ?? extraction.hazeMlPerL.usual,
    armMl: request.armMl ?? extraction.armMl,
    vesselDrainGPerMin: (((still.plantVesselLossWPerK ?? 0) * (boilC - airC)) / latentJPerG) * 60,
    times(efficiency) {
      if (inWater) {
        const boil = minutesToHeat(heatUp(efficiency, potCapacity + plantCapacity), waterC, boilC);
        return { boil, firstDrop: boil };
      }
      const boil = minutesToHeat(heatUp(efficiency, potCapacity), waterC, boilC);
      const watts = net(efficiency);
      return {
        boil,
        firstDrop: watts > 0 ? boil + (plantCapacity * (boilC - airC)) / watts / 60 : Infinity,
      };
    },
    steamGPerMin: (efficiency, powerW = still.heat.runPowerW) =>
      Math.max(0, (net(efficiency, powerW) / latentJPerG) * 60),
  };
}

/** Water that returns is never spent, but it has to be there in the first place. */
function spendable(aboveDryLineMl: number, returns: boolean): number {
  if (aboveDryLineMl <= 0) return 0;
  return returns ? Infinity : aboveDryLineMl;
}

function named(composition: Composition): number {
  return Object.values(composition).reduce((sum, share) => sum + share, 0);
}

function materialFigures(
  { material, method }: ForecastRequest,
  boilC: number,
  pressurePa: number,
): MaterialFigures {
  const letting = {
    volatility: material.volatility ?? extraction.volatility.usual,
    hydrodiffusion: material.hydrodiffusion ?? 0,
    steamSaturation: material.steamSaturation ?? extraction.steamSaturation.usual,
    esterLossPerMinute:
      material.esterLossPerMinute ??
      (method === "steam" ? extraction.esterLossOverSteam : extraction.esterLossInWater),
  };
  const withOil = (composition: Composition) => ({
    ...letting,
    oil: {
      ...oilProperties(composition),
      ...boilingTogether(composition, pressurePa),
    },
    parts: knownParts(composition, boilC, pressurePa),
    namedShare: named(composition),
  });
  if (!("plantId" in material)) {
    const { oilMlPerKg, freeShare, releasePerMinute, moisture } = material;
    const washing = material.washing ?? extraction.washing.usual;
    return {
      oilMlPerKg,
      freeShare,
      releasePerMinute,
      washing,
      moisture,
      soakGPerGDry: material.soakGPerGDry ?? usualSoakGPerGDry,
      ...withOil(material.composition),
    };
  }
  const plant = plantById(material.plantId);
  if (!plant) throw new RangeError(`material.plantId: no plant is called ${material.plantId}`);
  const state = material.state ?? (plant.states.fresh ? "fresh" : "dried");
  const usual = plant.states[state];
  if (!usual)
    throw new RangeError(`material.state: ${plant.name} has no figures for ${state} plant`);
  const figures = material.moisture === undefined ? usual : figuresAt(usual, material.moisture);
  return {
    oilMlPerKg: figures.oilMlPerKg,
    moisture: figures.moisture,
    soakGPerGDry: material.soakGPerGDry ?? soakOf(plant),
    freeShare: plant.freeShare,
    releasePerMinute: plant.releasePerMinute,
    washing: washingOf(plant.tissue),
    ...withOil(plant.composition),
  };
}

/* A plan asks the same oil at the same boil dozens of times. */
const partsBefore = new WeakMap<Composition, { boilC: number; parts: OilParts }>();

function knownParts(composition: Composition, boilC: number, pressurePa: number): OilParts {
  const before = partsBefore.get(composition);
  if (before?.boilC === boilC) return before.parts;
  const parts = oilParts(composition, boilC, pressurePa);
  partsBefore.set(composition, { boilC, parts });
  return parts;
}

/** Where a charge's oil and water boil together, °C. @throws RangeError as runModel */
export function boilsWithItsOil(request: ForecastRequest): number {
  return runModel(request).togetherC;
}

/** What condenses in a plant vessel of its own while it runs, g/min: its boiler spends it beside the distillate. @throws RangeError as runModel */
export function vesselDrainGPerMin(request: ForecastRequest): number {
  return runModel(request).vesselDrainGPerMin;
}

/** Steam of the middle run at a power, g/min: what a heat turned up or down would give. */
export function steamAtPower(request: ForecastRequest, powerW: number): number {
  const model = runModel(request);
  return model.steamGPerMin(model.efficiency, powerW);
}
