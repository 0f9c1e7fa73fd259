import { places } from '../format'
import type { FieldSheetWords, StepWords } from '../languages'
import { num, text } from '../phrase'

export const steps: StepWords = {
  'kit.probe': () => 'una sonda, cuchara o pala de jardín, sin óxido',
  'kit.bucket': () => 'una cubeta de plástico limpia (el metal contamina)',
  'kit.bags': (a) => `${text(a.bags)} ${num(a.bags) === 1 ? 'bolsa' : 'bolsas'} del laboratorio, con sus formularios`,
  'kit.pen': () => 'un marcador que resista el agua, y esta hoja',
  'kit.paper': () => 'papel limpio para secar la tierra',
  'kit.flags': () => 'banderitas para los aspersores de riego',

  'step.wait': (a) =>
    `Espere ${text(a.weeks)} semanas después de poner cal o fertilizante, y no lo haga con la tierra empapada.`,
  'step.heads': () => 'Primero busque los aspersores enterrados y márquelos con banderitas.',
  'step.clear': () => 'Quite el mantillo, el pasto y las hojas. Si usa un kit, no toque la tierra con las manos.',
  'step.clear-mix': () => 'Tire la media pulgada de arriba; tome de toda la zona de las raíces.',
  'step.cores': (a) =>
    `Tome ${text(a.cores)} muestras, ${num(a.from) > 0 ? `desde ${places(num(a.from), 1)} ` : ''}hasta ${places(num(a.to), 1)} pulgadas de hondo, en los puntos del plano.`,
  'step.cores-each': () => 'Tome las muestras en los puntos de cada plano, hasta lo hondo que dice a su lado.',
  'step.mix': () => 'Mézclelas en la cubeta; saque los palos y las piedras.',
  'step.dry': () => 'Déjelas secar una noche sobre papel, al aire y nunca en un horno.',
  'step.fill': (a) =>
    `Llene la bolsa con ${text(a.cups)} ${num(a.cups) === 1 ? 'taza' : 'tazas'}, hasta su línea; si el laboratorio pide otra cosa, haga lo que pide.`,
  'step.label': () => 'Escriba el código en la bolsa antes de echar la tierra.',
}

export const fieldSheet: FieldSheetWords = {
  bring: 'Qué llevar',
  steps: 'Paso a paso',
  tests: 'Pida',
  forForm: (crops: string, hopedFor: string) =>
    `Para el formulario: ${crops}; cosecha esperada ${hopedFor || '____________'}`,
  date: 'Fecha',
  cores: (n) => (n === 1 ? '1 muestra' : `${n} muestras`),
  deep: (from, to) => `${places(from, 1)}–${places(to, 1)} pulgadas`,
  spots: (code) => `Muestras de ${code}, en el orden en que se camina`,
}
