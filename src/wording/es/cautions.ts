import type { CautionId } from '../../core/sentence/keys'

/** What to mind before anything goes on, in Spanish. */
export const cautions: Readonly<Record<CautionId, string>> = {
  'lead-no-food':
    'Plomo por encima de 400 ppm: aquí no cultive alimentos. Pregunte al departamento de salud antes de cavar o cultivar.',
  lead: 'Plomo: en este suelo no siembre hojas ni raíces para comer. Nada de tierra desnuda donde juegan niños. Use camas altas y mantillo, lave lo que coseche, y tenga el pH de 6.5 a 7. Pregunte en la oficina de salud. Cerca de huertas viejas o madera tratada, mida también el arsénico.',
  'lead-method':
    'Esta cifra de plomo no tiene clase: solo la tiene el plomo total. Pida al laboratorio su método o su conversión.',
  'ammonium-nitrate':
    'Nitrato de amonio: su venta suele estar restringida. Nunca con combustible, materia orgánica ni azufre.',
  'caustic-lime':
    'Esta cal es cáustica: guantes, gafas, manga larga, lejos de hojas mojadas. Nunca cal viva, y nunca cal viva con agua.',
  aluminum:
    'Es una sal que acidifica: nunca más de su tope por aplicación, riegue después, y nunca aluminio cerca de alimentos.',
  borax: 'Bórax: lejos de niños y mascotas; péselo, y repártalo parejo.',
  copper: 'Cobre: lo que dice la etiqueta y no más.',
  'manure-food':
    'Estiércol que no está bien compostado: 120 días antes de cosechar lo que toca la tierra, 90 días antes de otros alimentos.',
  'lime-dust': 'Polvo de cal: un día sin viento, mascarilla y gafas. Nunca cal viva.',
  'sulfur-dust': 'El polvo de azufre irrita los ojos y puede explotar: mascarilla, gafas, nada de fuego.',
  sewage: 'Viene de aguas negras: lea la etiqueta y las reglas locales antes de usarlo cerca de alimentos.',
  'nitrate-wells': 'El nitrato se mueve con el agua: lejos de pozos, y analice el pozo donde sobra mucho.',
  'weed-killer':
    'El fertilizante de césped puede llevar herbicida, que arruina huertos y jardineras: úselo aquí solo si la etiqueta no muestra ninguno.',
  'carry-over':
    'El estiércol, el heno y la composta pueden traer herbicida: siembre antes frijoles en una maceta con ellos, y vea si crecen bien.',
  mix: 'En sustrato, una sola lectura de sales nunca dice qué falta.',
  salts:
    'Sales por encima de lo que aguanta el cultivo: busque la causa, lave con agua buena donde drena, y mientras tanto no fertilice.',
  'sulfur-overshoot': 'Analice antes de repetir. Demasiado azufre tarda mucho en deshacerse.',
  'sulfur-wet-cold':
    'El azufre trabaja lento por debajo de 55 °F y no debe ir en suelo encharcado. Antes de plantar, espere de 6 a 12 meses.',
  'free-lime': 'Si el suelo burbujea con ácido, tiene cal libre, y ninguna cantidad razonable de azufre lo cambia.',
  'never-both': 'Nunca cal y azufre en el mismo suelo en una temporada.',
  'wood-ash':
    'Ceniza de leña y cal hidratada nunca con fertilizante de amonio; solo ceniza de leña sin tratar, 15 lb por 1,000 pies² al año.',
  'lime-ammonium': 'La cal, dos semanas o más antes de la urea o el amonio, nunca a la vez: se pierde el amoníaco.',
  'quick-burns':
    'El nitrógeno rápido quema las hojas: no lo aplique en hojas mojadas ni con calor seco. Riegue después.',
  'muriate-heat': 'El cloruro de potasio quema con tiempo caliente y seco.',
  'ammonium-only': 'Los arándanos toman amonio. La etiqueta no debe mostrar nitrato ni cloruro.',
  'P-over': 'Este producto trae fósforo que el suelo no necesita. Se acumula.',
  'P-rule': 'Muchos lugares limitan el fósforo en el césped. Vea su regla local.',
  'organic-soil': 'Más de 20 % de materia orgánica: aquí no valen las cifras para suelo mineral.',
  'beyond-range': 'La cantidad de cal pasa de lo que su método abarca: ponga la mitad, y vuelva a analizar.',
  'iron-stains': 'El hierro mancha el pavimento y la ropa: bárralo antes de regar.',
  'dogs-meal': 'Las harinas atraen a perros y animales: entiérrelas un poco.',
  'water-edge':
    'Lejos de agua, pozos y desagües; barra los gránulos del pavimento. Respete la franja de su regla local.',
  dormant:
    'No fertilice césped dormido ni suelo helado, ni antes de lluvia fuerte. Vea las fechas prohibidas de su lugar.',
  label: 'Siga la etiqueta del producto y las reglas locales: van antes que esta hoja.',
  'own-laboratory': 'No reemplaza la recomendación de su laboratorio o de su estado.',
}
