import { outlineArea, type Outline, type OutlineKind } from '@/core/case/outline'
import { area, length, places, type Measures } from '@/wording/format'

export const en = {
  title: 'The plan',
  byList: 'What is known of it',
  onPlan: 'On the plan',
  views: 'How to look at the ground',
  tools: 'Tools',
  tool: {
    select: 'Move and size',
    rectangle: 'Rectangle',
    circle: 'Circle',
    ellipse: 'Ellipse',
    polygon: 'Polygon',
    ring: 'Ring around a trunk',
    rows: 'Rows',
    plant: 'Single plant',
  } satisfies Record<'select' | OutlineKind, string>,
  /** As it stands beneath its picture. */
  shortTool: {
    select: 'Move',
    rectangle: 'Rectangle',
    circle: 'Circle',
    ellipse: 'Ellipse',
    polygon: 'Polygon',
    ring: 'Ring',
    rows: 'Rows',
    plant: 'Plant',
  } satisfies Record<'select' | OutlineKind, string>,
  hint: {
    select: 'Take hold of a shape to move it, of its handles to size and turn it; drag the ground to move about.',
    drag: 'Press where it begins, drag, and let go.',
    circle: 'Press in the middle, drag outward, and let go.',
    polygon: 'Press at each corner; close it at the first one, or with Enter. Escape gives up.',
    plant: 'Press where it stands.',
    scale: 'Press on two points of the picture whose distance you know.',
  },
  becomes: 'What you draw becomes',
  targets: { area: 'a new area', part: 'more of this area', hole: 'a hole in this area' },
  snap: 'Snap to the grid',
  north: 'North',
  northShort: 'North at',
  zoomIn: 'Closer',
  zoomOut: 'Further away',
  fit: 'All of it',
  shapes: (name: string) => `Shapes of ${name}`,
  noShapes: 'Nothing is drawn for this area yet. Draw it above, or add a shape here and type its lengths.',
  add: 'Add a shape',
  kind: 'Shape',
  hole: 'a hole, left out',
  holes: (n: number) => (n === 1 ? 'A hole is cut from it' : `${n} holes are cut from it`),
  glance: 'The ground as it is drawn; press on an area to go to it',
  draw: 'Draw on it',
  emptyPlan: 'Choose Rectangle, press where it begins, drag, and let go.',
  exampleShape: '12 ft × 18 ft',
  remove: (n: number) => `Remove shape ${n}`,
  shapeNumber: (n: number, kind: string) => `${n}. ${kind}`,
  points: 'Corners, east and north of the middle, like 0,0; 12,0; 12,8',
  pointsError: 'Write each corner like 12,8 and part them with semicolons.',
  untie: 'Untie it',
  lengths: {
    x: 'East',
    y: 'North',
    width: 'Width',
    length: 'Length',
    diameter: 'Across',
    outside: 'Outside, across',
    inside: 'Inside, across',
    spacing: 'Row to row',
    count: 'Rows',
    across: 'Across',
    angle: 'Turned, °',
  } as Readonly<Record<string, string>>,
  numberError: 'Type a number, like 12 or 12.5.',
  typedLeads: (drawn: string) => `The plan says ${drawn}. The size that is typed leads.`,
  takeDrawn: 'Take the size from the plan',
  picture: 'Picture under the plan',
  loadPicture: 'Load a photo or sketch',
  demoPicture: 'Use the made-up aerial picture',
  removePicture: 'Remove it',
  setScale: 'Set its scale',
  scaleQuestion: 'How far apart are the two points really?',
  scaleExample: '42 ft',
  scaleApply: 'Set the scale',
  scaleGiveUp: 'Give up',
  pictureGone: 'The picture is not in this browser. It stays where it was loaded, and travels in a backup.',
  pictureFaults: {
    'too-large': 'This picture is larger than 12 MB. Save it smaller, 3,000 pixels wide at most, and load it again.',
    svg: 'An SVG drawing can hold more than a picture. Save it as PNG or JPEG and load that.',
    'not-a-picture': 'This file is no picture that can be read here. Load a PNG, JPEG or WebP.',
    broken: 'This picture is damaged and cannot be drawn. Load another one.',
    refused: 'The browser has no room for this picture. Load a smaller one.',
  },
  files: 'Take it along',
  geojsonOut: 'GeoJSON',
  geojsonIn: 'Load GeoJSON',
  png: 'PNG',
  print: 'Print',
  scaleBar: (feet: number, measures: Measures) => (measures === 'feet' ? `${feet} ft` : `${feet} m`),
  loaded: (n: number) => `${n} ${n === 1 ? 'area was' : 'areas were'} added from the file.`,
  geojsonFaults: {
    'not-json': 'This file is no GeoJSON: it is not even JSON. Export the plan again as GeoJSON.',
    'not-geojson': 'This file is JSON, but holds no GeoJSON polygons or points.',
    degrees:
      'This file is in degrees of longitude and latitude; the plan is in metres on the ground. It can be turned into metres around its own middle.',
    'too-many-points':
      'One shape of this file has more than 2,000 corners. It can be thinned to what a spade would notice.',
    'too-large': 'This file is larger than 8 MB. Export only the ground that is wanted.',
    outside: 'The shapes of this file lie more than 100 miles apart. Export only the ground that is wanted.',
  },
  mend: { degrees: 'Turn it into metres', 'too-many-points': 'Thin it' } as Readonly<Record<string, string>>,
  stated: (feet: number) => `1 in on this sheet is ${feet} ft on the ground`,
  statedMetric: (ratio: number) => `Scale 1 : ${ratio}`,
  pace: 'One pace of whoever measures',
  paceEcho: 'sizes go like 20 paces x 14 paces; where 38 paces are 100 ft, type 100/38',
} as const

/** `12 ft × 18 ft, 216 ft²`. */
export function sizesOf(outline: Outline, measures: Measures): string {
  const found = outlineArea(outline)
  const whole = found.ok ? area(found.value.value.v, measures) : ''
  const words = [lengthsIn(outline, measures), 'angle' in outline && outline.angle ? `turned ${outline.angle}°` : '']
    .filter(Boolean)
    .join(', ')
  return [words, whole].filter(Boolean).join(', ')
}

function lengthsIn(outline: Outline, measures: Measures): string {
  const of = (v: number) => length(v, measures)
  switch (outline.kind) {
    case 'rectangle':
    case 'ellipse':
      return `${of(outline.width)} × ${of(outline.length)}`
    case 'circle':
      return `${of(outline.diameter)} across`
    case 'plant':
      return `${of(outline.across)} across`
    case 'ring':
      return `${of(outline.outside)} less ${of(outline.inside)} across`
    case 'rows':
      return `${places(outline.count, 0)} rows of ${of(outline.length)}, ${of(outline.spacing)} apart`
    case 'polygon': {
      const [a, b] = outline.points.slice(-2)
      return a && b ? `last side ${of(Math.hypot(b[0] - a[0], b[1] - a[1]))}` : ''
    }
  }
}
