// @ts-check
// What stands about a practice pot: its burner, its rule, its lid, its steam.
/** @typedef {import('./stove.js').Sight} Sight */

/** Flames under it. @param {CanvasRenderingContext2D} g @param {number} cx @param {number} y @param {number} half @param {number} knob 0 for none @param {number} clock s @param {import('./stove.js').Look} look */
export function burner(g, cx, y, half, knob, clock, look) {
  g.strokeStyle = look.ink;
  g.lineWidth = 2;
  g.beginPath();
  g.moveTo(cx - half * 0.9, y + 18);
  g.lineTo(cx + half * 0.9, y + 18);
  g.stroke();
  if (knob === 0) {
    return;
  }
  g.fillStyle = look.glow;
  const tall = 4 + 1.6 * knob;
  for (let i = -5; i <= 5; i++) {
    const x = cx + (i / 5.5) * half * 0.85;
    const flicker = tall * (0.85 + 0.25 * Math.sin(clock * 9 + i * 1.7));
    g.beginPath();
    g.moveTo(x - 4, y + 17);
    g.quadraticCurveTo(x - 3, y + 17 - flicker * 0.5, x, y + 17 - flicker);
    g.quadraticCurveTo(x + 3, y + 17 - flicker * 0.5, x + 4, y + 17);
    g.fill();
  }
}

/** Millimetres beside it. @param {CanvasRenderingContext2D} g @param {number} x @param {number} floor @param {number} scale @param {number} height mm @param {import('./stove.js').Look} look */
export function rule(g, x, floor, scale, height, look) {
  g.strokeStyle = look.ink;
  g.fillStyle = look.ink;
  g.lineWidth = 1;
  g.font = '13px Text, sans-serif';
  g.textAlign = 'right';
  for (let mm = 0; mm <= height; mm += 10) {
    const long = mm % 50 === 0 ? 12 : 6;
    g.beginPath();
    g.moveTo(x - long, floor - mm * scale);
    g.lineTo(x, floor - mm * scale);
    g.stroke();
    if (mm % 50 === 0) {
      g.fillText(String(mm), x - 15, floor - mm * scale + 4);
    }
  }
}

/** @param {CanvasRenderingContext2D} g @param {number} cx @param {number} y @param {number} half @param {number} lid @param {import('./stove.js').Look} look */
export function lid(g, cx, y, half, lid, look) {
  if (lid === 0) {
    return;
  }
  g.save();
  g.translate(cx - half, y - 3);
  g.rotate(lid === 1 ? -0.14 : 0);
  g.fillStyle = look.ground;
  g.strokeStyle = look.ink;
  g.lineWidth = 4;
  g.beginPath();
  g.moveTo(-6, 0);
  g.quadraticCurveTo(half, -26, 2 * half + 6, 0);
  g.closePath();
  g.fill();
  g.stroke();
  g.beginPath();
  g.arc(half, -20, 7, 0, 2 * Math.PI);
  g.fill();
  g.stroke();
  g.restore();
}

/** Wisps over it. @param {CanvasRenderingContext2D} g @param {number} cx @param {number} y @param {number} half @param {Sight} sight @param {number[][]} wisps all that there can be @param {number} clock s @param {import('./stove.js').Look} look */
export function steam(g, cx, y, half, sight, wisps, clock, look) {
  const much = Math.min(1, sight.steamGPerMin / 22) * (sight.lid === 2 ? 0.35 : 1);
  if (much < 0.04) {
    return;
  }
  g.strokeStyle = look.ink;
  g.lineWidth = 2.2;
  const count = Math.ceil(much * wisps.length);
  for (const [a, b, c] of wisps.slice(0, count)) {
    const age = (clock * 0.22 * c + b) % 1;
    g.globalAlpha = 0.16 * (1 - age) * (0.4 + much);
    const x = cx + (a - 0.5) * 1.7 * half;
    const top = y - 8 - age * 120;
    g.beginPath();
    g.moveTo(x, top);
    g.bezierCurveTo(x + 14, top - 14, x - 14, top - 26, x + 4 * Math.sin(clock + a * 9), top - 42);
    g.stroke();
  }
  g.globalAlpha = 1;
}

/** @param {CanvasRenderingContext2D} g @param {number} cx @param {number} cy @param {number} outer @param {number} lid @param {import('./stove.js').Look} look */
export function lidFromAbove(g, cx, cy, outer, lid, look) {
  const dx = lid === 1 ? outer * 0.42 : 0;
  g.fillStyle = look.ground;
  g.strokeStyle = look.ink;
  g.lineWidth = 4;
  g.globalAlpha = lid === 1 ? 0.94 : 0.86;
  g.beginPath();
  g.arc(cx + dx, cy - dx * 0.5, outer + 3, 0, 2 * Math.PI);
  g.fill();
  g.globalAlpha = 1;
  g.stroke();
  g.beginPath();
  g.arc(cx + dx, cy - dx * 0.5, 12, 0, 2 * Math.PI);
  g.stroke();
}
