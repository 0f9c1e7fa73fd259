import { longDate } from '../long-date'
import type { SentenceArg } from '../../core/sentence/sentence'
import { inchWords, length, onThousand, places, weight, type Measures } from '../format'
import type { MatterWords } from '../languages'
import { capital, ended, num, pH } from '../phrase'
import { letter } from './letter'
import { measures as medidas } from './measures'

const texto = (arg: SentenceArg | undefined): string =>
  arg !== null && typeof arg === 'object' ? (arg.es ?? arg.en) : String(arg ?? '')
const materia = (arg: SentenceArg | undefined): string =>
  ({ lime: 'cal', sulfur: 'azufre', S: 'azufre', N: 'nitrógeno', 'P₂O₅': 'fosfato', 'K₂O': 'potasa' })[String(arg)] ??
  ''
const decision: Readonly<Record<string, string>> = { lime: 'cal', sulfur: 'azufre', neither: 'nada' }
const clases: Readonly<Record<string, string>> = {
  'very-low': 'muy bajo',
  low: 'bajo',
  medium: 'medio',
  optimum: 'óptimo',
  excess: 'más que óptimo',
}
const dados: Readonly<Record<string, string>> = {
  manure: 'el estiércol o la composta',
  nitrate: 'el nitrato que quedó',
  legume: 'la leguminosa enterrada',
  ash: 'la ceniza',
}
const aportes = (names: string): string =>
  names
    .split(' ')
    .map((one) => dados[one]!)
    .join(' y ')
const rumbo = (arg: SentenceArg | undefined): string => (arg === 'sulfur' ? 'azufre' : 'cal')

/** Why no nitrogen is given, in Spanish. */
const sinNitrogeno: Readonly<Record<string, (crop: string) => string>> = {
  soil: () => 'Este año sin nitrógeno: este suelo tiene mucha materia orgánica y da bastante.',
  fixed: (crop) => `Sin nitrógeno: ${crop} produce el suyo, si la semilla se inoculó.`,
  none: () => 'Aquí no hace falta nitrógeno.',
  credited: () => 'Este año sin nitrógeno: el suelo todavía tiene bastante.',
  shoots: () => 'Este año sin nitrógeno: los brotes del año pasado son bastante largos.',
  planting: () => 'Al plantar, sin nitrógeno. Empiece la próxima primavera, cuando ya tengan hojas.',
}

const enLugarDe = (instead: number | null, measures: Measures): string =>
  instead === null ? '' : instead > 0 ? `, en lugar de ${weight(instead, measures, medidas)}` : ', en lugar de nada'
const firmado = (by: string): string => (by === '' ? '' : ` (${by})`)
const decidido = (a: { readonly by: string; readonly reason: string }): string =>
  `como decidió el asesor${firmado(a.by)}: ${ended(a.reason)}`
const niveles: Readonly<Record<string, string>> = { lean: 'poco', usual: 'lo usual', generous: 'con abundancia' }

/** What was found of lead, and from when it is a worry, in Spanish. */
const plomo = (a: { readonly ppm: number; readonly precaution: number }): string =>
  `Primero el plomo: ${places(a.ppm, 0)} ppm; la precaución empieza en ${places(a.precaution, 0)}.`

/** What matters most, what the ground's pH asks for, and mix without soil, in Spanish. */
export const matters: MatterWords = {
  'reaction.both': () =>
    'El análisis pide cal y también azufre. El suelo recibe una u otro, nunca los dos: hay que ver qué renglón vale.',
  'reaction.no-pH': () => 'Falta el pH, así que nada se puede decir de cal ni de azufre.',
  'reaction.lime': (a) =>
    `El pH ${pH(a.pH)} está por debajo de ${pH(a.trigger)}, muy bajo para ${texto(a.crop)}. La cal lo subirá a cerca de ${pH(a.aim)}.`,
  'reaction.lime-lead': (a) =>
    `pH ${pH(a.pH)}: un suelo con plomo se mantiene entre 6.5 y 7, que lo retiene, y lo soporta: ${texto(a.crop)}. Suba el pH con cal hasta ${pH(a.aim)}.`,
  'reaction.leave': (a) =>
    `El pH ${pH(a.pH)} está entre ${pH(a.low)} y ${pH(a.high)}, adecuado para ${texto(a.crop)}. No hace falta cal ni azufre.`,
  'reaction.leave-acid-lover': (a) =>
    `El pH ${pH(a.pH)} está un poco por debajo de ${pH(a.low)}. Pero ${texto(a.crop)} quiere suelo ácido, y solo lleva cal por debajo de ${pH(a.trigger)}. No hace falta cal.`,
  'reaction.leave-organic': (a) =>
    `El pH ${pH(a.pH)} está por debajo de ${pH(a.low)}, pero un suelo orgánico solo lleva cal por debajo de ${pH(a.trigger)}. Aquí va bien: ${texto(a.crop)}. Déjelo así.`,
  'reaction.leave-high': (a) =>
    `El pH ${pH(a.pH)} está por encima de ${pH(a.low)} a ${pH(a.high)}, pero lo soporta bien: ${texto(a.crop)}. Déjelo así, y vigile si las hojas nuevas se ponen amarillas (hierro, manganeso).`,
  'reaction.leave-scab': (a) =>
    `Con pH ${pH(a.pH)}, por encima de ${pH(a.scab)}, hay sarna: ${texto(a.crop)}. No ponga cal, y plante variedades que la resistan.`,
  'reaction.sulfur': (a) =>
    `El pH ${pH(a.pH)} está por encima de ${pH(a.high)}, muy alto para ${texto(a.crop)}. El azufre lo bajará a cerca de ${pH(a.aim)}.`,
  'reaction.sulfur-lead': (a) =>
    `El pH ${pH(a.pH)} está por encima de ${pH(a.high)}, pero este suelo tiene plomo, y la acidez lo libera: nada de azufre. Plante en una cama alta con sustrato ácido limpio (${texto(a.crop)}).`,
  'reaction.not-here': (a) =>
    `El pH ${pH(a.pH)} está por encima de ${pH(a.limit)}: el suelo puede tener cal libre, que gasta primero el azufre. Aquí no: plante en maceta o en cama alta con sustrato ácido (${texto(a.crop)}), o elija otra planta. Si las plantas van bien, no haga nada.`,
  'reaction.none-by-method': (a) =>
    `El pH ${pH(a.pH)} es un poco bajo para ${texto(a.crop)}. El método (${texto(a.method)}) no halla acidez de reserva: no hace falta cal.`,
  'reaction.laboratory-lime': (a) =>
    `${a.agrees ? `El pH ${pH(a.pH)} está por debajo de ${pH(a.trigger)}, y el` : 'El'} laboratorio recomienda cal. ${a.leads ? 'Se usa esa cantidad.' : 'Se usa otra cantidad.'}`,
  'reaction.laboratory-sulfur': (a) =>
    `${a.agrees ? `El pH ${pH(a.pH)} está por encima de ${pH(a.high)}, y el` : 'El'} laboratorio recomienda azufre. ${a.leads ? 'Se usa esa cantidad.' : 'Se usa otra cantidad.'}`,
  'reaction.laboratory-none': (a) =>
    `El laboratorio no recomienda ${rumbo(a.direction)}, y no se aplica. Nuestra guía daría algo.`,
  'reaction.sodic': (a, measures) =>
    `El sodio frena este suelo. Mezcle primero yeso${a.gypsum === null ? ', cuanto diga el laboratorio' : `: ${weight(num(a.gypsum), measures, medidas)} cambiarían todo el sodio`}. Después lave con agua limpia y analice otra vez. Nada de cal, azufre ni fertilizante antes de ese análisis.`,
  'reaction.free-lime': (a) =>
    `El análisis halla ${places(num(a.freeLime), 1)} % de cal libre, que gasta el azufre antes de que baje el pH. Aquí no: plante en maceta o en cama alta con sustrato ácido (${texto(a.crop)}), o elija otra planta.`,
  'reaction.mix-fits': (a) =>
    `El pH ${pH(a.pH)} está entre ${pH(a.low)} y ${pH(a.high)}, adecuado para ${texto(a.crop)}.`,
  'reaction.mix-low': (a) =>
    `El pH ${pH(a.pH)} está por debajo de ${pH(a.low)} a ${pH(a.high)} (${texto(a.crop)}). En sustrato no valen las dosis de cal del campo: pregunte a quien lo vende, o cambie el sustrato.`,
  'reaction.mix-high': (a) =>
    `El pH ${pH(a.pH)} está por encima de ${pH(a.low)} a ${pH(a.high)} (${texto(a.crop)}). Mire primero el agua: el agua dura lo sube. Use un fertilizante ácido para sustrato.`,
  'reaction.lime-needs-input': (a) =>
    `El pH ${pH(a.pH)} es muy bajo para este cultivo (${texto(a.crop)}). Cuánta cal hace falta depende del suelo.`,
  'reaction.sulfur-needs-input': (a) =>
    `El pH ${pH(a.pH)} es muy alto para este cultivo (${texto(a.crop)}). Cuánto azufre hace falta depende del suelo.`,
  'soilless.not-tested': (a) => `${capital(letter.nutrients[String(a.nutrient)]!)}: no está en el análisis.`,
  'soilless.short': (a) =>
    `Por debajo de lo que hace falta: hay que darlo. La cantidad vale para una cama de sustrato de ${places(num(a.depth), 0)} pulgadas de hondo, nunca la del campo.`,
  'soilless.liquid': (a) =>
    `O en el agua de cada riego: ${places(num(a.ounces), 1)} oz de un 20-20-20 soluble en ${texto(a.gallons)} galones (${texto(a.ppm)} ppm de nitrógeno).`,
  'soilless.Ca-by-lime': () => 'Falta, en sustrato ácido: la cal dolomítica lo da, según su etiqueta.',
  'soilless.enough': () => 'En su intervalo o más arriba: no agregue nada.',
  'held.lime-high': (a) =>
    `El laboratorio pide cal, pero el pH ${pH(a.pH)} ya está por encima de ${pH(a.low)} a ${pH(a.high)}, bueno para: ${texto(a.crop)}. No ponga cal hasta que se revise.`,
  'held.lime-acid-lover': (a) =>
    `El laboratorio pide cal, pero esta planta quiere suelo ácido: ${texto(a.crop)}. El pH ${pH(a.pH)} no está por debajo de ${pH(a.trigger)}. No ponga cal hasta que se revise.`,
  'held.lime-sodic': () =>
    'El laboratorio pide cal, pero el suelo es sódico: la cal no sirve allí; el yeso y el lavado sí. No ponga cal hasta que se revise.',
  'held.sulfur-low': (a) =>
    `El laboratorio pide azufre, pero el pH ${pH(a.pH)} no pasa de ${pH(a.high)} (${texto(a.crop)}). No ponga azufre hasta que se revise.`,
  'held.sulfur-lead': (a) =>
    `El laboratorio pide azufre, pero este suelo tiene plomo, y la acidez lo libera. Aquí nada de azufre (${texto(a.crop)}).`,
  'held.sulfur-lime': (a) =>
    `El laboratorio pide azufre, pero con pH ${pH(a.pH)} la cal libre lo gasta primero. No ponga azufre hasta que se revise.`,
  'held.sulfur-crop': (a) =>
    `El laboratorio pide azufre, pero no lo necesita con pH ${pH(a.pH)}: ${texto(a.crop)}. No ponga azufre hasta que se revise.`,
  'held.P-turf': () =>
    'El laboratorio pide fosfato, pero el césped con bastante fósforo no lo necesita. No ponga hasta que se revise.',
  'held.beyond': (a) =>
    `El análisis pide ${places(num(a.rate), num(a.rate) < 10 ? 1 : 0)} lb de ${materia(a.of)} por 1,000 pies²; más de ${String(a.most)} no se pone en un año en ningún suelo: tal vez la unidad está mal. No ponga nada hasta que se revise.`,
  'held.confirmed': (a) =>
    `La cifra de ${materia(a.of)} va en contra de la lectura y fue confirmada${a.by === '' ? '' : ` por ${texto(a.by)}`}: ${texto(a.reason)}`,
  'headline.overruled': (a) => `La cantidad de ${materia(a.of)} es la del asesor.`,
  'overruled.why': () => 'La cantidad es la del asesor, en lugar de la otra.',
  'overruled.none': () => 'El asesor no da nada, en lugar de la otra cantidad.',
  'overruled.told': (a, measures) =>
    `La cantidad de ${materia(a.of)} es la del asesor${enLugarDe(a.instead, measures)}${firmado(a.by)}: ${ended(texto(a.reason))}`,
  'overruled.method': (a, measures) =>
    `La cantidad de ${materia(a.of)} va por otro método (${texto(a.method)})${enLugarDe(a.instead, measures)}, como decidió el asesor${firmado(a.by)}: ${ended(texto(a.reason))}`,
  'overruled.aim': (a) => `Se busca un pH de ${pH(a.is)} en lugar de ${pH(a.ours)}, ${decidido(a)}`,
  'overruled.depth': (a, measures) =>
    `La cantidad es para ${inchWords(num(a.is), measures, medidas)} de hondo en lugar de ${inchWords(num(a.ours), measures, medidas)}, ${decidido(a)}`,
  'overruled.cap': (a, measures) =>
    `Cada vez, a lo más ${onThousand(num(a.is), measures)} de ${materia(a.need)}, en lugar de ${onThousand(num(a.ours), measures)}, ${decidido(a)}`,
  'overruled.level': (a) => `Se abona ${niveles[String(a.is)]} en lugar de ${niveles[String(a.ours)]}, ${decidido(a)}`,
  'overruled.stopped': () =>
    'La cantidad que se decidió antes de este análisis ya no se pone: el suelo está cerca del límite bajo.',
  'overruled.beyond': (a) =>
    `${places(num(a.rate), 1)} lb de ${materia(a.of)} por 1,000 pies² es más que ${String(a.most)}, lo máximo que se pone en un año en cualquier suelo: revise la unidad.`,
  'short.credited': (a) =>
    `A la cifra de ${letter.nutrients[String(a.nutrient)]} del laboratorio se le quitó lo que ya dan: ${aportes(a.credits)}.`,
  'short.no-nitrogen': (a) => sinNitrogeno[String(a.because)]!(texto(a.crop)),
  'short.between': (a) =>
    `${capital(letter.nutrients[String(a.nutrient)]!)}: está entre ${clases[String(a.from)]} y ${clases[String(a.to)]}; la cantidad va por la clase más alta, que da menos.`,
  'short.range': (a, measures) => {
    const que = capital(letter.nutrients[String(a.of)] ?? materia(a.of))
    const [low, high, start] = [a.low, a.high, a.start].map((lb) =>
      Number(lb) > 0 ? weight(Number(lb), measures, medidas) : 'nada',
    )
    return a.low === a.start
      ? `${que}: entre ${low} y ${high}, pues la prueba solo da un margen. Empiece con ${start}, para el lado más suave, y vuelva a analizar antes de poner más.`
      : `${que}: entre ${low} y ${high}, pues la prueba solo da un margen. ${start} es para el punto medio: conviene antes un análisis más exacto.`
  },
  'program.strip': (a, measures) =>
    `${String(a.name)}: en los ${length(num(a.width), measures, medidas)} junto al agua no se pone ${a.what === 'all' ? 'nada' : letter.nutrients[String(a.what)]!}; este suelo empieza a ${length(num(a.away), measures, medidas)} de ella.`,
  'program.year-limit': (a, measures) =>
    num(a.most) === 0
      ? `${String(a.name)}: aquí no se puede poner ${letter.nutrients[String(a.what)]!}. Elija un producto sin él o pregunte qué permite la regla local.`
      : `${String(a.name)}: al año, no más de ${String(a.most)} lb de ${letter.nutrients[String(a.what)]!} por 1,000 ft². Por eso aquí son ${weight(num(a.held), measures, medidas)} menos.`,
  'short.pH-in-salt': (a) =>
    `El laboratorio midió pH ${pH(a.salt)} en una solución salina. Son cerca de ${pH(a.pH)} en agua, y ese valor se usa aquí.`,
  'short.put': (a, measures) =>
    `Ya se puso: ${weight(num(a.lb), measures)} de ${a.nutrient ? letter.nutrients[String(a.nutrient)]! : texto(a.material)}. ${a.more ? 'Lo que falta está abajo.' : 'Por ahora no hace falta más.'}`,
  'short.brought': (a) => `${capital(letter.nutrients[String(a.nutrient)]!)}: falta, y lo da lo que se aplica aquí.`,
  'short.still-working': (a) =>
    `Cuando se tomó el análisis todavía actuaba ${a.of === 'lime' ? 'la cal' : 'el azufre'} del ${longDate(String(a.on), 'es-US')}: se descontó lo que aún hará. Analice otra vez después del ${longDate(String(a.until), 'es-US')}.`,
  'short.lime-late': (a) =>
    `La cal tarda ${num(a.months) === 1 ? 'cerca de un mes' : `unos ${String(a.months)} meses`} en empezar a actuar: solo ayudará después de la siembra.`,
  'short.sulfur-late': (a) =>
    `El azufre tarda unos ${String(a.months)} meses en bajar el pH: en la siembra el pH todavía estará alto. Plante en una cama con sustrato ácido o espere un año.`,
  'short.lead-open': () =>
    'Se preguntó por el plomo y este análisis no lo trae: mida el plomo total antes de sembrar alimentos o dejar jugar a los niños.',
  'short.not-given': (a) => `${capital(letter.nutrients[String(a.nutrient)]!)}: falta, pero aquí no se pone aparte.`,
  'short.by-label': (a) => {
    const todos = String(a.nutrients).split(' ')
    const faltan = todos.map((one) => letter.nutrients[one]!).join(', ')
    return todos.length > 1
      ? `Faltan: ${faltan}. Use productos que los tengan, según sus etiquetas.`
      : `${capital(faltan)}: falta. Use un producto que lo tenga, según su etiqueta.`
  },
  'short.not-known': (a) =>
    `Nada se puede decir todavía de: ${String(a.nutrients)
      .split(' ')
      .map((one) => letter.nutrients[one]!)
      .join(', ')}.`,
  'headline.check': () => 'Primero hay que revisar: la cifra del laboratorio va en contra de la lectura.',
  'headline.lime': (a) =>
    num(a.passes) > 1
      ? `El pH es muy bajo: primero cal, en ${num(a.passes)} aplicaciones, porque el pH frena todo lo demás.`
      : 'El pH es muy bajo: primero cal, porque el pH frena todo lo demás.',
  'headline.lime-asked': (a) =>
    `Cal, como pide el laboratorio${num(a.passes) > 1 ? `, en ${String(a.passes)} veces` : ''}; la lectura sola no la pediría.`,
  'headline.sulfur-asked': (a) =>
    `Azufre, como pide el laboratorio${num(a.passes) > 1 ? `, en ${String(a.passes)} veces` : ''}; la lectura sola no lo pediría.`,
  'headline.sulfur': (a) =>
    num(a.passes) > 1
      ? `El pH es muy alto: azufre, en ${num(a.passes)} aplicaciones pequeñas, con un análisis entre una y otra.`
      : 'El pH es muy alto: azufre, y luego un análisis antes de poner más.',
  'headline.pH-before-P': () =>
    'Corrija primero el pH: el fosfato sirve más si se pone un mes o más después de la cal.',
  'headline.look-elsewhere': () =>
    'Nada de esto explica por qué crece débil: mire la sombra, el agua, la hondura de plantación, las raíces y las plagas.',
  'headline.leave': () => 'No hace falta cal ni azufre.',
  'headline.do-not': () => 'En este suelo, ni cal ni azufre.',
  'headline.not-here': () => 'Este suelo no se volverá ácido: busque otro sitio u otra planta.',
  'headline.unknown': () => 'Cuánta cal o azufre hace falta aún no se sabe.',
  'headline.lead-precaution': (a) =>
    `${plomo(a)} Nada de hojas ni raíces para comer en este suelo: use camas altas y acolchado.`,
  'headline.lead-screening': (a) =>
    `${plomo(a)} Pasa el nivel de alerta. Nada de hojas ni raíces para comer aquí; pregunte al departamento de salud.`,
  'headline.lead-removal': (a) =>
    `${plomo(a)} Ese suelo se debe quitar. Que no entren niños, no cultive alimentos, y llame al departamento de salud.`,
  'headline.lead-no-food': (a) =>
    `${plomo(a)} No cultive alimentos en este suelo, y pregunte al departamento de salud.`,
  'headline.mix': () => 'Sustrato sin suelo: su extracto está en los intervalos.',
  'headline.mix-short': () =>
    'Sustrato sin suelo: se fertiliza con el riego según su extracto, nunca con dosis de campo.',
  'headline.mix-salts': () =>
    'Este sustrato tiene demasiadas sales: riegue varias veces hasta que drene y analice otra vez. Nada de fertilizante hasta entonces.',
  'headline.sodic': () => 'El sodio frena este suelo: yeso, drenaje y lavado antes que nada.',
  'headline.salts': () =>
    'Primero las sales: lave con agua limpia y analice otra vez antes de fertilizar. Seis pulgadas de agua sacan la mitad de la sal; un pie, cuatro quintos.',
  'headline.no-P': () => 'No hace falta fósforo: use un fertilizante con 0 en medio.',
  'headline.no-P-low-K': () =>
    'Falta potasio, no fósforo: use un fertilizante con 0 en medio y un número alto al final.',
  'headline.stop-sulfur': (a) =>
    `No más azufre: el pH ${pH(a.pH)} está en el extremo bajo de ${pH(a.low)} a ${pH(a.high)} (${texto(a.crop)}). Deje lo que falte por poner, y analice otra vez este año.`,
  'headline.straddles': (a) =>
    `El pH puede estar entre ${pH(a.low)} y ${pH(a.high)}: en un extremo ${decision[String(a.atLow)]}, en el otro ${decision[String(a.atHigh)]}. El pH de un laboratorio lo aclara.`,
  'headline.banned': (a) =>
    `Aquí el ${a.nutrient === 'N' ? 'nitrógeno' : 'fósforo'} está prohibido${a.name ? ` (${String(a.name)})` : ''}: use un fertilizante con 0 ${a.nutrient === 'N' ? 'al principio' : 'en medio'}.`,
  'headline.only-N': () => 'Solo hace falta nitrógeno.',
  'headline.nothing-to-feed': () => 'Este año no hace falta fertilizante.',
  'headline.N-only-known': () => 'El nitrógeno va según el cultivo; del fósforo y el potasio no se sabe.',
  'headline.untested': () =>
    'Sin análisis del suelo: el nitrógeno va según el cultivo. De cal, fosfato y potasa no se sabe hasta analizarlo.',
  'headline.untested-all': () => 'Sin análisis del suelo: no se sabe qué necesita este terreno hasta analizarlo.',
  'headline.P-K-unknown': () => 'Del fósforo y el potasio no se sabe.',
}
