import { Chart, Filler, Legend, LinearScale, LineController, LineElement, PointElement, ScatterController, Title, Tooltip } from 'chart.js';
import { PointWithErrorBar, ScatterWithErrorBarsController } from 'chartjs-chart-error-bars';
import annotation from 'chartjs-plugin-annotation';
import { colours } from '../look';

/** Makes Chart.js know what pictures are made of, in the letters and colours of the house. */
export function registerCharts(): void {
  Chart.register(
    LinearScale,
    LineController,
    LineElement,
    PointElement,
    ScatterController,
    Filler,
    Legend,
    Title,
    Tooltip,
    annotation,
    ScatterWithErrorBarsController,
    PointWithErrorBar,
  );
  Chart.defaults.font.family = "'Atkinson Hyperlegible', sans-serif";
  Chart.defaults.font.size = 13.5;
  Chart.defaults.color = colours.soft;
  Chart.defaults.borderColor = colours.hair;
  Chart.defaults.animation = false;
  Chart.defaults.maintainAspectRatio = false;
  Chart.defaults.plugins.legend.display = false;
}
