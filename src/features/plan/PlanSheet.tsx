import { memo, type ComponentType } from "react";
import { Sheet } from "@/ui/primitives/Sheet";
import { type Door, doorTitles } from "./doors";
import { HydrosolDoor, ReceiverDoor } from "./sheets/CatchDoors";
import { CoolingDoor } from "./sheets/CoolingDoor";
import type { DoorProps } from "./sheets/doorProps";
import { HeatDoor } from "./sheets/HeatDoor";
import { ChargeDoor, WaterDoor } from "./sheets/LoadDoors";
import { OilDoor } from "./sheets/OilDoor";
import { SetupDoor } from "./sheets/SetupDoor";
import { StopDoor } from "./sheets/StopDoor";

const insides: Record<Door, ComponentType<DoorProps>> = {
  setup: SetupDoor,
  charge: ChargeDoor,
  water: WaterDoor,
  cooling: CoolingDoor,
  oil: OilDoor,
  hydrosol: HydrosolDoor,
  heat: HeatDoor,
  stop: StopDoor,
  receiver: ReceiverDoor,
};

interface Props extends DoorProps {
  door: Door | undefined;
  onClose: () => void;
}

/** What sets a figure of the plan, the choices with what each would give, and the field for one's own. */
export const PlanSheet = memo(function PlanSheet({ door, onClose, ...inside }: Props) {
  const Inside = door && insides[door];
  return (
    <Sheet title={door ? doorTitles[door] : ""} open={door !== undefined} onClose={onClose}>
      {Inside ? <Inside {...inside} /> : null}
    </Sheet>
  );
});
