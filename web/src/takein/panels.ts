/** The measuring drawings: outlines on a sheet of 360 by 232, and where each dimension is taken. */
export interface Panel {
  title: string
  steel: string[]
  lines?: string[]
  spans: { field: string; from: [number, number]; to: [number, number]; at?: [number, number] }[]
  arcs?: { field: string; d: string; at: [number, number] }[]
}

const FROM_ABOVE: Panel = {
  title: 'from above, the edge at the left',
  steel: ['M60 70H320V170H60Z'],
  lines: ['M220 52V188'],
  spans: [
    { field: 'width', from: [40, 70], to: [40, 170], at: [24, 126] },
    { field: 'usableLength', from: [60, 200], to: [320, 200] },
    { field: 'retireLength', from: [60, 46], to: [220, 46] },
  ],
  arcs: [{ field: 'skew', d: 'M60 126A44 44 0 0 1 76 92', at: [92, 122] }],
}

const IRON: Panel = {
  ...FROM_ABOVE,
  steel: ['M62 70H320V170H62Q48 120 62 70Z'],
  spans: [...FROM_ABOVE.spans, { field: 'camber', from: [62, 88], to: [48, 88], at: [80, 94] }],
}

const KNIFE: Panel = {
  title: 'from the side',
  steel: ['M40 74H318Q322 92 300 110Q258 152 196 152H40Z'],
  lines: ['M40 152H330', 'M40 122H282'],
  spans: [
    { field: 'usableLength', from: [28, 74], to: [28, 152], at: [14, 120] },
    { field: 'retireLength', from: [62, 74], to: [62, 122] },
    { field: 'straight', from: [40, 170], to: [196, 170], at: [118, 190] },
    { field: 'edgeLength', from: [40, 204], to: [318, 204], at: [180, 226] },
    { field: 'tipRise', from: [336, 152], to: [336, 84], at: [350, 124] },
  ],
}

const RECURVE: Panel = {
  ...KNIFE,
  steel: ['M40 74H318Q322 92 300 110Q258 152 206 150Q120 122 40 152Z'],
  lines: ['M40 152H330'],
  spans: [
    ...KNIFE.spans.filter((s) => s.field !== 'retireLength'),
    { field: 'retireLength', from: [62, 74], to: [62, 112] },
    { field: 'dip', from: [122, 152], to: [122, 134], at: [138, 150] },
  ],
}

const HOOK: Panel = {
  title: 'from the side, the edge inside',
  steel: ['M40 150H150A62 62 0 0 0 150 26L142 44A44 44 0 0 1 150 128H40Z'],
  lines: ['M150 86L182 56'],
  spans: [
    { field: 'usableLength', from: [70, 128], to: [70, 150], at: [86, 146] },
    { field: 'bendRadius', from: [150, 86], to: [181, 57], at: [156, 66] },
  ],
  arcs: [{ field: 'edgeLength', d: 'M60 112H140A30 30 0 0 0 136 56', at: [108, 104] }],
}

const AXE: Panel = {
  title: 'from the side, the edge at the left',
  steel: ['M70 60Q30 120 70 190L190 150V92Z', 'M190 80H250V160H190Z'],
  lines: ['M70 44V206', 'M120 60V180'],
  spans: [
    { field: 'edgeLength', from: [26, 58], to: [26, 192], at: [12, 130] },
    { field: 'sweep', from: [51, 206], to: [70, 206], at: [88, 212] },
    { field: 'usableLength', from: [51, 44], to: [190, 44], at: [150, 38] },
    { field: 'retireLength', from: [51, 124], to: [120, 124] },
  ],
}

const SHEAR: Panel = {
  ...KNIFE,
  steel: ['M40 80H310Q326 96 316 132Q180 170 40 132Z'],
  lines: ['M40 132H316'],
  spans: [
    { field: 'usableLength', from: [28, 80], to: [28, 132], at: [14, 112] },
    { field: 'retireLength', from: [80, 80], to: [80, 116] },
    { field: 'sweep', from: [180, 132], to: [180, 151], at: [196, 148] },
    { field: 'edgeLength', from: [40, 192], to: [316, 192], at: [180, 214] },
  ],
}

const DRAWKNIFE: Panel = {
  ...KNIFE,
  steel: [
    'M60 84H300V150H60Z',
    'M60 84L30 84 20 40 36 40 44 68 60 68Z',
    'M300 84L330 84 340 40 324 40 316 68 300 68Z',
  ],
  lines: ['M60 122H300'],
  spans: [
    { field: 'usableLength', from: [46, 84], to: [46, 150], at: [32, 124] },
    { field: 'retireLength', from: [84, 84], to: [84, 122] },
    { field: 'edgeLength', from: [60, 176], to: [300, 176], at: [180, 198] },
  ],
}

const BAR: Panel = {
  title: 'from above',
  steel: ['M20 90H340V146H20Z', 'M188 118A8 8 0 1 0 172 118A8 8 0 1 0 188 118Z'],
  lines: ['M20 136H110', 'M250 100H340'],
  spans: [
    { field: 'span', from: [20, 64], to: [340, 64] },
    { field: 'edgeLength', from: [20, 166], to: [110, 166], at: [65, 188] },
    { field: 'usableLength', from: [220, 90], to: [220, 146] },
    { field: 'retireLength', from: [136, 90], to: [136, 134] },
    { field: 'bore', from: [166, 196], to: [194, 196], at: [180, 218] },
  ],
}

const TEETH: Panel = {
  title: 'from above',
  steel: [
    'M20 130H340V170H20Z',
    ...[40, 120, 200, 280].map((x) => `M${x} 130L${x + 12} 62H${x + 30}L${x + 42} 130Z`),
  ],
  spans: [
    { field: 'edgeLength', from: [34, 124], to: [46, 58], at: [24, 90] },
    { field: 'usableLength', from: [120, 112], to: [141, 112], at: [108, 104] },
    { field: 'retireLength', from: [206, 112], to: [221, 112], at: [192, 104] },
    { field: 'teeth', from: [40, 194], to: [322, 194], at: [180, 216] },
  ],
}

const DISC: Panel = {
  title: 'from above',
  steel: [
    'M180 36L204 66 244 56 238 96 268 120 236 142 244 184 204 172 180 206 156 172 116 184 124 142 92 120 122 96 116 56 156 66Z',
    'M190 120A10 10 0 1 0 170 120A10 10 0 1 0 190 120Z',
  ],
  spans: [
    { field: 'diameter', from: [300, 36], to: [300, 206] },
    { field: 'edgeLength', from: [186, 30], to: [212, 60], at: [212, 38] },
    { field: 'usableLength', from: [180, 36], to: [180, 66], at: [166, 58] },
    { field: 'retireLength', from: [116, 184], to: [140, 160], at: [148, 156] },
  ],
  arcs: [{ field: 'teeth', d: 'M84 60A120 120 0 0 0 84 180', at: [50, 126] }],
}

const TIP_ABOVE: Panel = {
  ...FROM_ABOVE,
  title: 'from above, the tip at the left',
  steel: ['M60 96H320V144H60Z'],
  spans: [
    { field: 'width', from: [40, 96], to: [40, 144], at: [24, 126] },
    { field: 'usableLength', from: [60, 180], to: [320, 180] },
    { field: 'retireLength', from: [60, 70], to: [220, 70] },
  ],
}

export const PLANS: Record<string, Panel> = {
  CHISEL: FROM_ABOVE,
  SKEW_CHISEL: { ...FROM_ABOVE, steel: ['M60 70H320V170H92Z'] },
  PLANE_IRON_DOWN: IRON,
  PLANE_IRON_UP: IRON,
  SQUARE_IRON_DOWN: FROM_ABOVE,
  SQUARE_IRON_UP: FROM_ABOVE,
  DRAWKNIFE,
  KNIFE,
  RECURVE,
  WIDE_BEVEL_KNIFE: KNIFE,
  HOOK_KNIFE: HOOK,
  SINGLE_BEVEL_KNIFE: KNIFE,
  FLAT_FACED_KNIFE: KNIFE,
  CONVEX_BLADE: AXE,
  SHEAR_BLADE: SHEAR,
  TURNSCREW: TIP_ABOVE,
  MOWER_BAR: BAR,
  TRIMMER: TEETH,
  BRUSH_CUTTER: DISC,
}

const FLAT: Panel = {
  title: 'cut through, the back below',
  steel: ['M30 176L54 158 178 84H340V176Z'],
  spans: [
    { field: 'thickness', from: [322, 86], to: [322, 174], at: [306, 136] },
    { field: 'bevelLength', from: [44, 148], to: [172, 72], at: [96, 96] },
    { field: 'secondaryWidth', from: [18, 168], to: [42, 150], at: [16, 146] },
  ],
  arcs: [
    { field: 'primary', d: 'M150 176A120 120 0 0 0 138 114', at: [164, 152] },
    { field: 'secondary', d: 'M82 176A52 52 0 0 0 72 146', at: [98, 172] },
    { field: 'backBevel', d: 'M30 176L74 188', at: [88, 198] },
    { field: 'wheelDiameter', d: 'M62 150Q118 128 172 84', at: [214, 74] },
  ],
}

/** An iron as it lies in its plane: bed, and the iron on it. */
const IN_PLANE: Panel = {
  ...FLAT,
  lines: ['M40 214H200L300 186'],
  arcs: [...FLAT.arcs!, { field: 'bed', d: 'M262 214A62 62 0 0 0 258 198', at: [284, 214] }],
}

const SYMMETRIC: Panel = {
  title: 'cut through, the edge at the left',
  steel: ['M30 120L52 110 130 86 340 66V174L130 154 52 130Z'],
  lines: ['M20 120H350'],
  spans: [
    { field: 'spineThickness', from: [326, 68], to: [326, 172], at: [310, 146] },
    { field: 'behindEdge', from: [130, 88], to: [130, 152], at: [146, 146] },
    { field: 'thickness', from: [326, 68], to: [326, 172], at: [310, 146] },
    { field: 'secondaryWidth', from: [22, 110], to: [44, 100], at: [22, 96] },
  ],
  arcs: [
    { field: 'primary', d: 'M104 120A74 74 0 0 0 101 98', at: [121, 113] },
    { field: 'secondary', d: 'M60 120A30 30 0 0 1 56 133', at: [66, 154] },
  ],
}

const WIDE: Panel = { ...SYMMETRIC, steel: ['M30 120L50 110 200 70H340V170H200L50 130Z'] }

const SINGLE: Panel = {
  title: 'cut through, the back below',
  steel: ['M26 178L60 150 250 84H340V178H300Q180 158 70 178Z'],
  spans: [
    { field: 'spineThickness', from: [322, 86], to: [322, 176], at: [306, 136] },
    { field: 'edgeBevelWidth', from: [14, 168], to: [48, 140], at: [22, 138] },
    { field: 'backHollow', from: [186, 178], to: [186, 166], at: [204, 196] },
  ],
  arcs: [
    { field: 'faceAngle', d: 'M210 150A150 150 0 0 0 206 102', at: [226, 132] },
    { field: 'primary', d: 'M78 176A52 52 0 0 0 66 146', at: [94, 168] },
  ],
}

const CONVEX: Panel = {
  title: 'cut through, the edge at the left',
  steel: ['M30 120Q110 70 220 66L340 56V184L220 174Q110 170 30 120Z'],
  lines: ['M20 120H350', 'M220 50V200'],
  spans: [
    { field: 'behind', from: [30, 206], to: [220, 206], at: [124, 200] },
    { field: 'thicknessBehind', from: [220, 68], to: [220, 172], at: [236, 146] },
    { field: 'secondaryWidth', from: [20, 112], to: [44, 96], at: [22, 94] },
  ],
  arcs: [
    { field: 'primary', d: 'M96 120A66 66 0 0 0 86 84', at: [106, 108] },
    { field: 'secondary', d: 'M62 120A32 32 0 0 1 56 138', at: [72, 156] },
  ],
}

const SHEAR_CUT: Panel = {
  ...FLAT,
  title: 'cut through, the sliding face below',
  steel: ['M30 176L178 84H340V176H310Q180 160 60 176Z'],
  spans: [
    { field: 'thickness', from: [322, 86], to: [322, 174], at: [306, 136] },
    { field: 'faceHollow', from: [186, 178], to: [186, 168], at: [204, 198] },
  ],
}

const TIP: Panel = {
  title: 'from the side, the tip at the left',
  steel: ['M40 106L210 84H340V156H210L40 134Z'],
  lines: ['M20 120H350'],
  spans: [
    { field: 'tipThickness', from: [26, 106], to: [26, 134], at: [12, 126] },
    { field: 'thickness', from: [322, 86], to: [322, 154], at: [306, 146] },
  ],
  arcs: [{ field: 'primary', d: 'M190 106A150 150 0 0 0 188 88', at: [166, 74] }],
}

const LANDED: Panel = {
  ...FLAT,
  title: 'cut through, the underside below',
  steel: ['M40 176V156L160 84H340V176Z'],
  spans: [
    { field: 'thickness', from: [322, 86], to: [322, 174], at: [306, 136] },
    { field: 'land', from: [26, 156], to: [26, 176], at: [12, 172] },
  ],
  arcs: [{ field: 'primary', d: 'M150 156A110 110 0 0 0 134 100', at: [166, 140] }],
}

export const SECTIONS: Record<string, Panel> = {
  CHISEL: FLAT,
  SKEW_CHISEL: FLAT,
  PLANE_IRON_DOWN: IN_PLANE,
  PLANE_IRON_UP: IN_PLANE,
  SQUARE_IRON_DOWN: IN_PLANE,
  SQUARE_IRON_UP: IN_PLANE,
  DRAWKNIFE: FLAT,
  KNIFE: SYMMETRIC,
  RECURVE: SYMMETRIC,
  WIDE_BEVEL_KNIFE: WIDE,
  HOOK_KNIFE: WIDE,
  SINGLE_BEVEL_KNIFE: SINGLE,
  FLAT_FACED_KNIFE: FLAT,
  CONVEX_BLADE: CONVEX,
  SHEAR_BLADE: SHEAR_CUT,
  TURNSCREW: TIP,
  MOWER_BAR: LANDED,
  TRIMMER: FLAT,
  BRUSH_CUTTER: FLAT,
}
