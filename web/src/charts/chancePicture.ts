import type { ChartConfiguration } from 'chart.js';
import type { Chance } from '@fern/core';
import { colours } from '@fern/paper/look';

/** The chance of a clear answer against units an arm, with the planned number marked and a line at 80%. */
export function chancePicture(points: readonly Chance[], planned: number, units: string): ChartConfiguration {
  return {
    type: 'line',
    data: {
      datasets: [
        {
          data: points.map((point) => ({ x: point.units, y: 100 * point.chance })),
          borderColor: colours.ink,
          borderWidth: 2.2,
          pointRadius: points.map((point) => (point.units === planned ? 6 : 2)),
          pointBackgroundColor: points.map((point) => (point.units === planned ? colours.pollen : colours.ink)),
          pointBorderColor: colours.ink,
          tension: 0.25,
          // Points at nothing and at all are whole.
          clip: false,
        },
        {
          data: [
            { x: 2, y: 80 },
            { x: Math.max(24, planned), y: 80 },
          ],
          borderColor: colours.line,
          borderWidth: 1.5,
          borderDash: [4, 4],
          pointRadius: 0,
        },
      ],
    },
    options: {
      scales: {
        x: { type: 'linear', min: 0, title: { display: true, text: `${units} per group` }, grid: { display: false } },
        y: { type: 'linear', min: 0, max: 100, ticks: { stepSize: 20, callback: (value) => `${value}%` } },
      },
      plugins: {
        tooltip: { callbacks: { title: () => '', label: ({ parsed }) => `${parsed.x} per group: ${Math.round(parsed.y ?? 0)}%` } },
      },
    },
  };
}
