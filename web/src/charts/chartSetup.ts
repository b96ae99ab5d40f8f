import { Chart, LinearScale, LineController, LineElement, PointElement, ScatterController, Tooltip } from 'chart.js';
import { PointWithErrorBar, ScatterWithErrorBarsController } from 'chartjs-chart-error-bars';
import { colours, fonts } from '../theme/tokens';

Chart.register(
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  ScatterWithErrorBarsController,
  PointWithErrorBar,
);
Chart.defaults.font.family = fonts.text;
Chart.defaults.font.size = 13.5;
Chart.defaults.color = colours.soft;
Chart.defaults.borderColor = colours.hair;
Chart.defaults.animation = false;
Chart.defaults.maintainAspectRatio = false;
