import type { Language } from '../../api/client';

/** What the public pages say, in both languages. */
export interface AskWords {
  title: string;
  intro: string;
  text: string;
  textHelp: string;
  name: string;
  place: string;
  placeHelp: string;
  contact: string;
  jars: string;
  notYet: string;
  made: string;
  opened: string;
  out: string;
  outHelp: string;
  send: string;
  sending: string;
  ill: string;
  thanks: string;
  reference: string;
  link: string;
  linkHelp: string;
  hold: string;
  waiting: string;
  sentOn: string;
  signedOn: string;
  passed: string;
  print: string;
  pdf: string;
  other: string;
}

export const askWords: Record<Language, AskWords> = {
  EN: {
    title: 'Is my recipe safe to can?',
    intro:
      'Send your recipe to the food preservation desk. An educator checks it against tested guides and writes back.',
    text: 'Your recipe, in your own words',
    textHelp: 'Amounts, steps, jar size, time in the canner. Type it as it is written.',
    name: 'Your first name',
    place: 'Where you can: town or altitude',
    placeHelp: 'The height of your kitchen changes the time.',
    contact: 'Mail or telephone, if you want to be told when the answer is there',
    jars: 'Have you made it already?',
    notYet: 'Not yet',
    made: 'Yes, the jars are closed',
    opened: 'Yes, and a jar is open or was eaten from',
    out: 'When did the jars come out of the canner?',
    outHelp: 'Within 24 hours more can be done.',
    send: 'Send it',
    sending: 'Sending …',
    ill: 'If anyone who ate from a jar feels ill, get medical help at once. Do not wait for our answer.',
    thanks: 'Thank you. Your question is with us.',
    reference: 'Your reference',
    link: 'Your answer will stand here',
    linkHelp: 'Keep this address. It is shown only now, and only it leads to your answer.',
    hold: 'Until you hear from us: do not eat from jars already made. Keep them cold if you can.',
    waiting: 'We have your question and have not answered yet. Come back to this page.',
    sentOn: 'Sent',
    signedOn: 'Answered',
    passed:
      'The 24 hours after the canner are over. What the letter says to do before then can no longer be done. Do not eat from these jars; call the office.',
    print: 'Print',
    pdf: 'As PDF',
    other: 'En español',
  },
  ES: {
    title: '¿Es segura mi receta para envasar?',
    intro:
      'Envíe su receta a la oficina de conservación de alimentos. Una educadora la revisa con guías probadas y le contesta.',
    text: 'Su receta, en sus palabras (en inglés si puede)',
    textHelp: 'Cantidades, pasos, tamaño del frasco, tiempo de proceso. Escríbala como está.',
    name: 'Su nombre',
    place: 'Dónde envasa: pueblo o altitud',
    placeHelp: 'La altura de su cocina cambia el tiempo.',
    contact: 'Correo o teléfono, si quiere que le avisemos cuando haya respuesta',
    jars: '¿Ya la hizo?',
    notYet: 'Todavía no',
    made: 'Sí, los frascos están cerrados',
    opened: 'Sí, y hay un frasco abierto o ya se comió de uno',
    out: '¿Cuándo salieron los frascos de la envasadora?',
    outHelp: 'Dentro de 24 horas se puede hacer más.',
    send: 'Enviar',
    sending: 'Enviando …',
    ill: 'Si alguien que comió de un frasco se siente mal, busque ayuda médica de inmediato. No espere nuestra respuesta.',
    thanks: 'Gracias. Recibimos su pregunta.',
    reference: 'Su referencia',
    link: 'Su respuesta estará aquí',
    linkHelp: 'Guarde esta dirección. Solo se muestra ahora, y solo ella lleva a su respuesta.',
    hold: 'Hasta que le contestemos: no coma de los frascos ya hechos. Guárdelos en frío si puede.',
    waiting: 'Tenemos su pregunta y aún no la contestamos. Vuelva a esta página.',
    sentOn: 'Enviada',
    signedOn: 'Contestada',
    passed:
      'Ya pasaron las 24 horas. Lo que la carta dice que se haga antes ya no se puede hacer. No coma de estos frascos; llame a la oficina.',
    print: 'Imprimir',
    pdf: 'Como PDF',
    other: 'In English',
  },
};

/** The moment a date-and-time field names, for the server; null for none. */
export const moment = (local: string): string | null => (local ? new Date(local).toISOString() : null);
