import type { ForecastRequest } from "@/core/forecast/request";

/** A charge of 800 g over steam, as the worked examples of the model have it; parts of it told anew. */
export function steamRequest(part: Partial<ForecastRequest> = {}): ForecastRequest {
  return {
    method: "steam",
    material: { plantId: "lavender" },
    massG: 800,
    still: {
      heat: { powerW: 2000, efficiency: 0.5 },
      lossWPerK: 1,
      vesselJPerK: 2000,
      dryLineMl: 500,
      holdUpMl: 0.15,
    },
    waterMl: 3500,
    site: { altitudeM: 320, airC: 16, waterC: 16 },
    stop: { minutes: 40 },
    ...part,
  };
}
