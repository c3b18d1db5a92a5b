// @ts-check
// What a test shows: a spoon's back, a line on the floor, a stream, a ring on a plate. Drawn from the server's figures.
import { rgb } from './paint.js';

/** Seconds after which a line that has not closed never does. */
export const STAYS_S = 60;
const STEEL = 'rgb(206,206,202)';

/** How thick a coat is after some seconds: figures are of one, three and ten. @param {number[]} coat @param {number} s */
function coatAt(coat, s) {
  const [one, three, ten] = coat;
  if (s <= 1) {
    return one * (1.6 - 0.6 * s);
  }
  return s < 3 ? one + ((three - one) * (s - 1)) / 2 : three + ((ten - three) * Math.min(7, s - 3)) / 7;
}

/**
 * The back of a spoon: a coat that runs off, a finger's line that fills or holds.
 * @param {CanvasRenderingContext2D} g @param {number} s seconds since it was lifted
 * @param {{coatMm: number[], lineS: number | null}} shown @param {number[]} colour @param {{ink: string}} look
 */
export function spoon(g, s, shown, colour, look) {
  const { width, height } = g.canvas;
  g.clearRect(0, 0, width, height);
  const cx = width / 2;
  const cy = height * 0.44;
  const coat = coatAt(shown.coatMm, s);
  g.fillStyle = STEEL;
  g.strokeStyle = look.ink;
  g.lineWidth = 3;
  const bowl = () => {
    g.beginPath();
    g.ellipse(cx, cy, 78, 112, 0, 0, 2 * Math.PI);
  };
  bowl();
  g.fill();
  g.save();
  g.clip();
  // Thin runs off from the top; thick covers.
  const bare = Math.max(0, 1 - coat / 0.35) * Math.min(1, s / 2.5);
  g.fillStyle = rgb(colour, Math.min(0.97, 0.16 + coat * 1.15));
  g.fillRect(0, cy - 112 + bare * 150, width, height);
  g.fillStyle = rgb(colour, 0.9);
  const pool = Math.max(6, 12 + Math.min(26, (shown.coatMm[0] - coat) * 40));
  g.beginPath();
  g.ellipse(cx, cy + 106, 46, pool, 0, 0, 2 * Math.PI);
  g.fill();
  // The finger's line.
  const closes = shown.lineS ?? STAYS_S;
  const open = closes >= STAYS_S ? 1 - Math.min(0.12, s / 200) : Math.max(0, 1 - s / closes);
  if (open > 0.01) {
    g.fillStyle = STEEL;
    g.fillRect(cx - 78, cy - 8 - 10 * open, 156, 20 * open);
    g.fillStyle = rgb(colour, 0.35);
    g.fillRect(cx - 78, cy - 8 + 10 * open, 156, 3);
  }
  g.restore();
  bowl();
  g.stroke();
  // Drops from its tip.
  const every = Math.max(0.25, Math.min(4, coat * 2.2));
  const fall = (s % every) / every;
  if (coat < 2 && s < 14) {
    g.fillStyle = rgb(colour);
    g.beginPath();
    const long = 4 + 8 * Math.min(1, coat);
    g.ellipse(cx, cy + 116 + fall * fall * (height - cy - 120), 4, long, 0, 0, 2 * Math.PI);
    g.fill();
  }
}

/** A line on the floor that closes from both sides. @param {CanvasRenderingContext2D} g @param {number} s @param {number} closesS @param {number[]} colour @param {{ink: string}} look */
export function trail(g, s, closesS, colour, look) {
  const { width, height } = g.canvas;
  g.clearRect(0, 0, width, height);
  g.fillStyle = rgb(colour);
  g.fillRect(20, 20, width - 40, height - 40);
  const share = closesS >= STAYS_S ? 1 - Math.min(0.15, s / 400) : Math.max(0, 1 - s / closesS);
  if (share > 0) {
    g.fillStyle = STEEL;
    g.beginPath();
    const half = 38 * share;
    for (let i = 0; i <= 20; i++) {
      g.lineTo(40 + (i / 20) * (width - 80), height / 2 - half * (0.9 + 0.1 * Math.sin(i * 1.3)));
    }
    for (let i = 20; i >= 0; i--) {
      g.lineTo(40 + (i / 20) * (width - 80), height / 2 + half * (0.9 + 0.1 * Math.cos(i * 1.7)));
    }
    g.fill();
  }
  g.strokeStyle = look.ink;
  g.lineWidth = 4;
  g.strokeRect(20, 20, width - 40, height - 40);
}

/** A lifted spoon: a stream that thins and breaks into drops. @param {CanvasRenderingContext2D} g @param {number} s @param {number} breaksS @param {number[]} colour @param {{ink: string}} look */
export function stream(g, s, breaksS, colour, look) {
  const { width, height } = g.canvas;
  g.clearRect(0, 0, width, height);
  const cx = width / 2;
  g.fillStyle = rgb(colour);
  const share = Math.max(0, 1 - s / breaksS);
  if (share > 0) {
    g.beginPath();
    g.moveTo(cx - 10 * share - 2, 74);
    g.lineTo(cx - 3 * share - 1.2, height - 18);
    g.lineTo(cx + 3 * share + 1.2, height - 18);
    g.lineTo(cx + 10 * share + 2, 74);
    g.fill();
  } else {
    const every = 0.3 + (s - breaksS) * 0.25;
    for (let i = 0; i < 3; i++) {
      const fall = ((s + i * every * 0.5) % (every * 1.5)) / (every * 1.5);
      g.beginPath();
      g.ellipse(cx, 78 + fall * fall * (height - 100), 4, 6, 0, 0, 2 * Math.PI);
      g.fill();
    }
  }
  g.strokeStyle = look.ink;
  g.lineWidth = 3;
  g.beginPath();
  g.ellipse(cx, 56, 74, 22, 0, 0, Math.PI);
  g.fill();
  g.stroke();
  g.beginPath();
  g.moveTo(cx + 74, 56);
  g.lineTo(width - 6, 26);
  g.stroke();
  g.beginPath();
  g.ellipse(cx, height - 12, 60 * Math.min(1, 0.4 + s / 20), 8, 0, 0, 2 * Math.PI);
  g.fill();
}

/** 30 mL on a cold plate with its rings. @param {CanvasRenderingContext2D} g @param {number} s @param {number} radiusMm @param {number[]} colour @param {{ink: string}} look */
export function ring(g, s, radiusMm, colour, look) {
  const { width, height } = g.canvas;
  g.clearRect(0, 0, width, height);
  const scale = (height / 2 - 10) / 85;
  g.strokeStyle = look.ink;
  g.fillStyle = rgb(colour, 0.94);
  const r = radiusMm * (1 - 0.55 * Math.exp(-s / 1.4));
  g.beginPath();
  g.arc(width / 2, height / 2, r * scale, 0, 2 * Math.PI);
  g.fill();
  g.font = '12px Text, sans-serif';
  g.fillStyle = look.ink;
  for (let mm = 10; mm <= 80; mm += 10) {
    g.lineWidth = mm % 20 === 0 ? 1.4 : 0.7;
    g.beginPath();
    g.arc(width / 2, height / 2, mm * scale, 0, 2 * Math.PI);
    g.stroke();
    g.fillText(String(mm), width / 2 + 2, height / 2 - mm * scale - 2);
  }
}
