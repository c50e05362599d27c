import { useEffect, useRef, useState } from 'react';
import { api, got } from '../api/client';
import type { FaultView, GaugeView, Said } from '../api/client';
import { Refusal } from '../api/refusal';

type Fault = FaultView['fault'];
type Reading = GaugeView['readings'][number];

const EVERY_MS = 700;
/** The simulated engine's own time between two readings: it runs faster than a real one. */
const MINUTES = 0.5;
/** Long enough to see that it holds. */
const HOLDS_FOR = 3;

interface Feed {
  boat: string;
  gauge: GaugeView;
  readings: Reading[];
  enter: (entry: Said) => Promise<unknown>;
}

/** Reads the gauges of the simulated engine again and again, until it holds or has to be stopped. */
export function useFeed({ boat, gauge, readings, enter }: Feed) {
  const [fault, setFault] = useState<Fault | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const latest = useRef({ gauge, readings, enter });
  const held = useRef(0);
  useEffect(() => {
    latest.current = { gauge, readings, enter };
  });
  useEffect(() => {
    if (!fault) return;
    let busy = false;
    held.current = 0;
    const read = async () => {
      const now = latest.current;
      const { standing } = now.gauge.watch;
      held.current = standing === 'OPEN' ? held.current + 1 : 0;
      if (!now.gauge.running || standing === 'STOP' || held.current > HOLDS_FOR) {
        setFault(null);
        return;
      }
      const minute = (now.readings.at(-1)?.minute ?? 0) + MINUTES;
      const { reading } = await got(
        api.POST('/api/boats/{id}/engines/{engine}/gauge-reading', {
          params: { path: { id: boat, engine: now.gauge.engine } },
          body: { minute, fault },
        }),
      );
      await now.enter({
        kind: 'GAUGE_READ',
        engine: now.gauge.engine,
        minute: reading.minute,
        temperatureC: reading.temperatureC,
        rpm: reading.rpm ?? undefined,
        exhaustLitersPerMinute: reading.exhaustLitersPerMinute ?? undefined,
      });
    };
    const again = setInterval(() => {
      if (busy) return;
      busy = true;
      read()
        .catch((error: unknown) => {
          setTrouble(
            error instanceof Refusal ? error.message : 'Its gauges cannot be read without signal.',
          );
          setFault(null);
        })
        .finally(() => {
          busy = false;
        });
    }, EVERY_MS);
    return () => clearInterval(again);
  }, [boat, fault]);
  const follow = (with_: Fault) => {
    setTrouble(null);
    setFault(with_);
  };
  return { following: fault !== null, follow, leave: () => setFault(null), trouble };
}
