import { Chart, Legend, LinearScale, LineController, LineElement, PointElement } from 'chart.js';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { boilingC, airKPa, type Plan } from '../../../core/index';
import { useReadings } from '../../store/devices';
import { themeColour } from '../../parts/chart';

Chart.register(LineController, LinearScale, PointElement, LineElement, Legend);

/** What the devices said against what was forecast: the pot and the middle of the meat, from closing the lid. */
export default function LiveChart({ cookId, plan }: { cookId: string; plan: Plan }) {
  const rows = useReadings(cookId);
  const colours = useMemo(
    () => ({
      ink: themeColour('--ink'),
      soft: themeColour('--ink-soft'),
      rule: themeColour('--rule'),
      pot: themeColour('--m-lid'),
      core: themeColour('--m-sear'),
    }),
    [],
  );
  const air = airKPa(plan.heating.altitudeM);
  const begins = rows.find((r) => r.kind === 'cooker' && r.stage === 'heating')?.timeS ?? 0;
  const at = (timeS: number): number => (timeS - begins) / 60;
  const after = rows.filter((r) => r.timeS >= begins);
  const plain = { pointRadius: 0, tension: 0 };
  return (
    <Line
      role="img"
      aria-label="Readings of the cooker and the probe against the forecast, from closing the lid."
      data={{
        datasets: [
          {
            ...plain,
            label: 'pot, forecast',
            data: plan.heat.series.map((p) => ({ x: p.timeS / 60, y: p.potC })),
            borderColor: colours.pot,
            borderWidth: 1.5,
            borderDash: [4, 4],
          },
          {
            ...plain,
            label: 'core, forecast',
            data: plan.heat.series.flatMap((p) =>
              p.coreC === null ? [] : [{ x: p.timeS / 60, y: p.coreC }],
            ),
            borderColor: colours.core,
            borderWidth: 1.5,
            borderDash: [4, 4],
          },
          {
            ...plain,
            label: 'pot, by its pressure',
            data: after.flatMap((r) =>
              r.kind === 'cooker' && r.gaugeKPa > 0
                ? [{ x: at(r.timeS), y: boilingC(air + r.gaugeKPa) }]
                : [],
            ),
            borderColor: colours.pot,
            borderWidth: 2.5,
          },
          {
            ...plain,
            label: 'probe',
            data: after.flatMap((r) => (r.kind === 'probe' ? [{ x: at(r.timeS), y: r.tempC }] : [])),
            borderColor: colours.core,
            borderWidth: 2.5,
          },
        ],
      }}
      options={{
        maintainAspectRatio: false,
        animation: false,
        parsing: false,
        events: [],
        scales: {
          x: { type: 'linear', min: 0, ticks: { color: colours.soft }, grid: { color: colours.rule } },
          y: {
            type: 'linear',
            min: -20,
            max: 125,
            ticks: { color: colours.soft },
            grid: { color: colours.rule },
          },
        },
        plugins: {
          legend: {
            position: 'bottom',
            labels: { color: colours.ink, boxWidth: 22, boxHeight: 0, font: { size: 11 } },
          },
          tooltip: { enabled: false },
        },
      }}
    />
  );
}
