import { Chart, Legend, LinearScale, LineController, LineElement, PointElement } from 'chart.js';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { boilingC, airKPa, type Plan, tempIn, type Kitchen } from '../../../core/index';
import { useReadings } from '../../store/devices';
import { tempAxis, themeColour } from '../../parts/chart';

Chart.register(LineController, LinearScale, PointElement, LineElement, Legend);

/** What the devices said against what was forecast: the pot and the middle of the meat, from closing the lid. */
export default function LiveChart({
  cookId,
  plan,
  units,
}: {
  cookId: string;
  plan: Plan;
  units: Kitchen['units'];
}) {
  const rows = useReadings(cookId);
  const colours = useMemo(
    () => ({
      ink: themeColour('--ink'),
      soft: themeColour('--ink-soft'),
      rule: themeColour('--rule'),
      pot: themeColour('--line-pot'),
      core: themeColour('--line-core'),
    }),
    [],
  );
  const air = airKPa(plan.heating.altitudeM);
  const begins = rows.find((r) => r.kind === 'cooker' && r.stage === 'heating')?.timeS ?? 0;
  const at = (timeS: number): number => (timeS - begins) / 60;
  const after = rows.filter((r) => r.timeS >= begins);
  const coldestC = after.reduce(
    (c, r) => (r.kind === 'probe' ? Math.min(c, r.tempC) : c),
    plan.heat.series[0]?.coreC ?? 0,
  );
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
            data: plan.heat.series.map((p) => ({ x: p.timeS / 60, y: tempIn(p.potC, units) })),
            borderColor: colours.pot,
            borderWidth: 1.5,
            borderDash: [4, 4],
          },
          {
            ...plain,
            label: 'core, forecast',
            data: plan.heat.series.flatMap((p) =>
              p.coreC === null ? [] : [{ x: p.timeS / 60, y: tempIn(p.coreC, units) }],
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
                ? [{ x: at(r.timeS), y: tempIn(boilingC(air + r.gaugeKPa), units) }]
                : [],
            ),
            borderColor: colours.pot,
            borderWidth: 2.5,
          },
          {
            ...plain,
            label: 'probe',
            data: after.flatMap((r) =>
              r.kind === 'probe' ? [{ x: at(r.timeS), y: tempIn(r.tempC, units) }] : [],
            ),
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
          x: {
            type: 'linear',
            min: 0,
            title: { display: true, text: 'minutes from the lid', color: colours.soft },
            ticks: { color: colours.soft },
            grid: { color: colours.rule },
          },
          y: {
            type: 'linear',
            ...tempAxis(units, coldestC),
            title: { display: true, text: `°${units.temperature}`, color: colours.soft },
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
