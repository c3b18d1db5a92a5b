// @ts-check
// Draws a practice pot from the side and from above, from numbers alone: what they are is reckoned on the server (practice.Sight).
import { burner, lid, lidFromAbove, rule, steam } from './fittings.js';
import { BROWN, FOAM, PALE, lit, mix, rgb } from './paint.js';

/**
 * @typedef {{atS: number, levelMm: number, bubbleMm: number, bubbleS: number, bubbles: number, spatter: number, steamGPerMin: number,
 *   foamMm: number, red: number, green: number, blue: number, skin: number, filmMm: number, edge: number, caught: number, knob: number,
 *   lid: number, sinceStirS: number, off: boolean}} Sight
 * @typedef {{top: number, base: number, height: number}} Shape
 * @typedef {{ink: string, ground: string, glow: string}} Look
 * @typedef {{x: number, y: number, born: number, life: number, size: number}} Bubble
 */

const MOST_DRAWN = 240;
const STEAM_WISPS = 14;

/** @param {number} seed */
function random(seed) {
  let s = seed >>> 0;
  return () => {
    s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
    return s / 4294967296;
  };
}

/** Keeps the bubbles of one pot between its frames. */
export class Stove {
  /** @param {Shape} shape @param {number} seed */
  constructor(shape, seed) {
    this.shape = shape;
    this.random = random(seed + 17);
    /** @type {Bubble[]} */
    this.bubbles = [];
    /** @type {{x: number, y: number, vx: number, vy: number}[]} */
    this.drops = [];
    this.clock = 0;
    this.stirred = -9;
    this.specks = Array.from({ length: 60 }, () => [Math.sqrt(this.random()), this.random() * 2 * Math.PI, this.random()]);
    this.froth = Array.from({ length: 90 }, () => [Math.sqrt(this.random()), this.random() * 2 * Math.PI, 0.5 + this.random()]);
    this.wisps = Array.from({ length: STEAM_WISPS }, () => [this.random(), this.random(), 0.6 + this.random()]);
  }

  stir() {
    this.stirred = this.clock;
    this.bubbles = this.bubbles.slice(0, this.bubbles.length / 3);
  }

  /** @param {number} levelMm how wide it is there, mm */
  across(levelMm) {
    return this.shape.base + ((this.shape.top - this.shape.base) * levelMm) / this.shape.height;
  }

  /**
   * Lets bubbles come and burst.
   * @param {Sight} sight
   * @param {number} dt seconds of whoever looks
   */
  live(sight, dt) {
    this.clock += dt;
    const wanted = Math.min(MOST_DRAWN, Math.round(sight.bubbles));
    this.bubbles = this.bubbles.filter((b) => {
      const over = this.clock - b.born > b.life;
      if (over && sight.spatter > 1 && this.random() < 0.5) {
        this.splash(b, sight);
      }
      return !over;
    });
    let births = Math.min(30, wanted - this.bubbles.length);
    while (births-- > 0) {
      const size = sight.bubbleMm * (0.55 + 0.9 * this.random());
      this.bubbles.push({ x: Math.sqrt(this.random()), y: this.random() * 2 * Math.PI, born: this.clock - this.random() * 0.2 * sight.bubbleS, life: sight.bubbleS * (0.7 + 0.6 * this.random()) + 0.05, size });
    }
    this.drops = this.drops.filter((d) => {
      d.vy += 900 * dt;
      d.x += d.vx * dt;
      d.y += d.vy * dt;
      return d.y < 3;
    });
  }

  /** @param {Bubble} b @param {Sight} sight */
  splash(b, sight) {
    if (this.drops.length < 40) {
      const count = 1 + Math.round(Math.min(3, sight.spatter / 4) * this.random());
      for (let i = 0; i < count; i++) {
        this.drops.push({ x: b.x * Math.cos(b.y) * 0.5 * this.across(sight.levelMm), y: 0, vx: (this.random() - 0.5) * 160, vy: -140 - 220 * this.random() });
      }
    }
  }

  /** How far a bubble has grown, 0 to 1, and whether it is bursting. @param {Bubble} b */
  grown(b) {
    const age = Math.max(0, (this.clock - b.born) / b.life);
    return { size: Math.min(1, 0.25 + age * 1.1), bursting: age > 0.86 };
  }

  /**
   * @param {CanvasRenderingContext2D} g
   * @param {Sight} sight
   * @param {Look} look
   */
  side(g, sight, look) {
    const { width, height } = g.canvas;
    g.clearRect(0, 0, width, height);
    const scale = Math.min((width - 100) / this.shape.top, (height - 130) / this.shape.height);
    const cx = width / 2 + 24;
    const floor = height - 46;
    /** @param {number} mm */
    const y = (mm) => floor - mm * scale;
    /** @param {number} mm */
    const half = (mm) => (this.across(mm) / 2) * scale;
    const colour = [sight.red, sight.green, sight.blue];
    const rim = this.shape.height;

    burner(g, cx, floor + 8, half(0), sight.off ? 0 : sight.knob, this.clock, look);

    // What has dried on the wall, browner the longer it is hot.
    if (sight.filmMm > 1) {
      const film = mix(Math.min(1, sight.edge * 1.1), lit(0.25, colour), BROWN);
      g.fillStyle = rgb(film, 0.85);
      const up = Math.min(rim, sight.levelMm + sight.filmMm);
      for (const sign of [-1, 1]) {
        g.beginPath();
        g.moveTo(cx + sign * half(sight.levelMm), y(sight.levelMm));
        g.lineTo(cx + sign * half(up), y(up));
        g.lineTo(cx + sign * (half(up) - 3 - 5 * sight.edge), y(up));
        g.lineTo(cx + sign * (half(sight.levelMm) - 6 - 8 * sight.edge), y(sight.levelMm));
        g.fill();
      }
    }

    // The sauce.
    g.fillStyle = rgb(colour);
    g.beginPath();
    g.moveTo(cx - half(0), floor);
    g.lineTo(cx - half(sight.levelMm), y(sight.levelMm));
    for (let i = 0; i <= 40; i++) {
      const share = i / 40;
      const swell = sight.bubbles > 1 ? Math.sin(share * 23 + this.clock * 7) * Math.min(2.4, sight.bubbleMm * scale * 0.06) * Math.min(1, sight.bubbles / 20) : 0;
      g.lineTo(cx - half(sight.levelMm) + share * 2 * half(sight.levelMm), y(sight.levelMm) + swell);
    }
    g.lineTo(cx + half(0), floor);
    g.fill();
    if (sight.caught > 0.02) {
      g.fillStyle = rgb(BROWN, Math.min(0.95, 0.35 + sight.caught));
      g.fillRect(cx - half(0) + 2, floor - 2 - 7 * sight.caught, 2 * half(0) - 4, 2 + 7 * sight.caught);
    }

    this.rising(g, cx, floor, y(sight.levelMm), half(sight.levelMm) * 0.94, scale, colour, sight);
    this.domes(g, cx, y(sight.levelMm), half(sight.levelMm), scale, colour);
    this.foamFromSide(g, cx, y(sight.levelMm), half(sight.levelMm), scale, colour, sight);
    if (sight.skin > 0.1) {
      g.strokeStyle = rgb(lit(0.45, colour), 0.3 + 0.7 * sight.skin);
      g.lineWidth = 1.5 + 3 * sight.skin;
      g.beginPath();
      for (let i = 0; i <= 30; i++) {
        g.lineTo(cx - half(sight.levelMm) + (i / 15) * half(sight.levelMm), y(sight.levelMm) + 1.6 * sight.skin * Math.sin(i * 2.1));
      }
      g.stroke();
    }
    g.fillStyle = rgb(colour);
    for (const d of this.drops) {
      g.beginPath();
      g.arc(cx + d.x * scale, y(sight.levelMm) + d.y * scale * 0.8, 2.4, 0, 2 * Math.PI);
      g.fill();
    }

    // The pot itself, its rule, its lid.
    g.strokeStyle = look.ink;
    g.lineWidth = 5;
    g.lineJoin = 'round';
    g.beginPath();
    g.moveTo(cx - half(rim) - 4, y(rim));
    g.lineTo(cx - half(0) - 2, floor + 2);
    g.lineTo(cx + half(0) + 2, floor + 2);
    g.lineTo(cx + half(rim) + 4, y(rim));
    g.stroke();
    rule(g, cx - half(rim) - 14, floor, scale, rim, look);
    lid(g, cx, y(rim), half(rim), sight.lid, look);
    steam(g, cx, sight.lid === 2 ? y(rim) - 10 : y(sight.levelMm), half(sight.levelMm), sight, this.wisps, this.clock, look);
  }

  /** Bubbles on their way up. @param {CanvasRenderingContext2D} g @param {number} cx @param {number} floor @param {number} top @param {number} half @param {number} scale @param {number[]} colour @param {Sight} sight */
  rising(g, cx, floor, top, half, scale, colour, sight) {
    g.strokeStyle = rgb(lit(0.5, colour), 0.55);
    g.lineWidth = 1.2;
    const deep = floor - top;
    this.bubbles.slice(0, 60).forEach((b, i) => {
      const share = (this.clock * (sight.bubbleMm > 16 ? 0.5 : 1.6) + i * 0.37) % 1;
      const r = Math.min(deep / 3, (b.size / 2) * scale * (0.25 + 0.3 * share));
      if (r > 0.6) {
        g.beginPath();
        g.arc(cx + b.x * Math.cos(b.y) * half * 0.9, floor - share * (deep - r), r, 0, 2 * Math.PI);
        g.stroke();
      }
    });
  }

  /** Bubbles that stand on the surface. @param {CanvasRenderingContext2D} g @param {number} cx @param {number} y @param {number} half @param {number} scale @param {number[]} colour */
  domes(g, cx, y, half, scale, colour) {
    // Of those that stand all over, the ones nearest to whoever looks.
    for (const b of this.bubbles.filter((one) => (one.y * 7) % 1 < 0.35)) {
      const { size, bursting } = this.grown(b);
      const r = (b.size / 2) * scale * size;
      const x = cx + b.x * Math.cos(b.y) * (half - r);
      if (bursting && b.size > 16) {
        // A crater, open.
        g.fillStyle = rgb(mix(0.35, colour, BROWN));
        g.beginPath();
        g.ellipse(x, y, r, r * 0.28, 0, 0, 2 * Math.PI);
        g.fill();
      } else if (!bursting) {
        g.fillStyle = rgb(lit(0.12, colour), 0.95);
        g.strokeStyle = rgb(lit(0.45, colour));
        g.lineWidth = 1;
        g.beginPath();
        g.arc(x, y + r * 0.2, r, Math.PI, 2 * Math.PI);
        g.fill();
        g.stroke();
      }
    }
  }

  /** @param {CanvasRenderingContext2D} g @param {number} cx @param {number} y @param {number} half @param {number} scale @param {number[]} colour @param {Sight} sight */
  foamFromSide(g, cx, y, half, scale, colour, sight) {
    const high = sight.foamMm * scale;
    if (high < 2) {
      return;
    }
    g.fillStyle = rgb(mix(0.66, colour, FOAM));
    g.strokeStyle = rgb(mix(0.25, colour, FOAM));
    g.lineWidth = 0.8;
    g.beginPath();
    g.moveTo(cx - half + 2, y + 2);
    for (let i = 0; i <= 24; i++) {
      g.lineTo(cx - half + 2 + (i / 12) * (half - 2), y - high * (0.72 + 0.1 * Math.sin(i * 1.9 + this.clock)));
    }
    g.lineTo(cx + half - 2, y + 2);
    g.fill();
    for (const [a, b, c] of this.froth) {
      const r = Math.min(7, 2 + high * 0.14) * c;
      const x = cx + a * Math.cos(b) * (half - 2);
      const up = ((a * 7.3 + c * 3.1) % 1) * high * (0.75 + 0.25 * Math.sin(this.clock * 2 + b));
      g.beginPath();
      g.arc(x, y - up, r, 0, 2 * Math.PI);
      g.fill();
      g.stroke();
    }
  }

  /**
   * @param {CanvasRenderingContext2D} g
   * @param {Sight} sight
   * @param {Look} look
   */
  above(g, sight, look) {
    const { width, height } = g.canvas;
    g.clearRect(0, 0, width, height);
    const cx = width / 2;
    const cy = height / 2;
    const scale = (Math.min(width, height) / 2 - 14) / (this.shape.top / 2);
    const outer = (this.shape.top / 2) * scale;
    const inner = (this.across(sight.levelMm) / 2) * scale - 3;
    const colour = [sight.red, sight.green, sight.blue];
    g.fillStyle = rgb(lit(0.55, colour));
    g.beginPath();
    g.arc(cx, cy, outer, 0, 2 * Math.PI);
    g.fill();
    if (sight.filmMm > 1) {
      g.strokeStyle = rgb(mix(Math.min(1, sight.edge * 1.1), lit(0.2, colour), BROWN), 0.95);
      g.lineWidth = 5 + Math.min(10, sight.filmMm * 0.35);
      g.beginPath();
      g.arc(cx, cy, outer - g.lineWidth / 2, 0, 2 * Math.PI);
      g.stroke();
    }
    g.fillStyle = rgb(colour);
    g.beginPath();
    g.arc(cx, cy, inner, 0, 2 * Math.PI);
    g.fill();
    g.save();
    g.clip();
    this.currents(g, cx, cy, inner, colour, sight);
    for (const b of this.bubbles) {
      this.bubbleFromAbove(g, b, cx, cy, inner, scale, colour);
    }
    this.onTop(g, cx, cy, inner, colour, sight);
    g.restore();
    g.strokeStyle = look.ink;
    g.lineWidth = Math.max(2.5, outer * 0.025);
    g.beginPath();
    g.arc(cx, cy, outer, 0, 2 * Math.PI);
    g.stroke();
    if (sight.lid > 0) {
      lidFromAbove(g, cx, cy, outer, sight.lid, look);
    }
  }

  /** @param {CanvasRenderingContext2D} g @param {number} cx @param {number} cy @param {number} inner @param {number[]} colour @param {Sight} sight */
  currents(g, cx, cy, inner, colour, sight) {
    const since = this.clock - this.stirred;
    const swirl = Math.max(0, 1 - since / 3);
    g.strokeStyle = rgb(lit(0.22, colour), 0.5);
    g.lineWidth = 2;
    const rings = swirl > 0 ? 5 : sight.bubbles > 1 ? 3 : 0;
    for (let i = 1; i <= rings; i++) {
      const r = (inner * i) / (rings + 1);
      const turn = swirl > 0 ? this.clock * 3 * swirl + i : i * 2.3;
      g.beginPath();
      g.arc(cx, cy, r, turn, turn + 1.4 + swirl * 2.4);
      g.stroke();
    }
  }

  /** @param {CanvasRenderingContext2D} g @param {Bubble} b @param {number} cx @param {number} cy @param {number} inner @param {number} scale @param {number[]} colour */
  bubbleFromAbove(g, b, cx, cy, inner, scale, colour) {
    const { size, bursting } = this.grown(b);
    const r = Math.max(1, (b.size / 2) * scale * size);
    const x = cx + b.x * Math.cos(b.y) * (inner - r);
    const y = cy + b.x * Math.sin(b.y) * (inner - r);
    if (bursting && b.size > 16) {
      g.fillStyle = rgb(mix(0.4, colour, BROWN));
      g.strokeStyle = rgb(lit(0.3, colour));
      g.lineWidth = Math.max(1.5, r * 0.18);
      g.beginPath();
      g.arc(x, y, r * 0.85, 0, 2 * Math.PI);
      g.fill();
      g.stroke();
      return;
    }
    g.fillStyle = rgb(lit(0.16, colour));
    g.strokeStyle = rgb(lit(0.42, colour));
    g.lineWidth = Math.max(0.8, Math.min(2, r * 0.14));
    g.beginPath();
    g.arc(x, y, r, 0, 2 * Math.PI);
    g.fill();
    g.stroke();
    if (r > 4) {
      g.fillStyle = rgb(PALE, 0.75);
      g.beginPath();
      g.arc(x - r * 0.35, y - r * 0.38, r * 0.16, 0, 2 * Math.PI);
      g.fill();
    }
  }

  /** Foam, skin, specks. @param {CanvasRenderingContext2D} g @param {number} cx @param {number} cy @param {number} inner @param {number[]} colour @param {Sight} sight */
  onTop(g, cx, cy, inner, colour, sight) {
    if (sight.foamMm > 3) {
      const cover = Math.min(1, sight.foamMm / 22);
      g.fillStyle = rgb(mix(0.66, colour, FOAM), 0.94);
      g.strokeStyle = rgb(mix(0.25, colour, FOAM));
      g.lineWidth = 0.8;
      for (const [a, b, c] of this.froth) {
        // It gathers at the wall first.
        if (a > 1 - cover) {
          g.beginPath();
          g.arc(cx + a * Math.cos(b) * inner, cy + a * Math.sin(b) * inner, inner * (0.025 + 0.035 * c * cover), 0, 2 * Math.PI);
          g.fill();
          g.stroke();
        }
      }
    }
    if (sight.skin > 0.1) {
      g.fillStyle = rgb(lit(0.35, colour), 0.55 * sight.skin);
      g.beginPath();
      g.arc(cx, cy, inner * (0.7 + 0.3 * sight.skin), 0, 2 * Math.PI);
      g.fill();
      g.strokeStyle = rgb(mix(0.3, colour, BROWN), 0.5 * sight.skin);
      g.lineWidth = 1.3;
      for (let i = 0; i < 7; i++) {
        g.beginPath();
        g.arc(cx + inner * (0.5 * Math.cos(i * 2)), cy + inner * (0.5 * Math.sin(i * 2)), inner * 0.3, i, i + 1.1);
        g.stroke();
      }
    }
    if (sight.caught > 0.02) {
      g.fillStyle = rgb(BROWN, 0.9);
      for (const [a, b, c] of this.specks.slice(0, Math.ceil(60 * Math.min(1, sight.caught * 1.5)))) {
        const turn = b + this.clock * 0.05;
        g.beginPath();
        g.ellipse(cx + a * Math.cos(turn) * inner, cy + a * Math.sin(turn) * inner, 2 + 3 * c, 1.5 + c, b, 0, 2 * Math.PI);
        g.fill();
      }
    }
  }
}
