import type { Language, LetterKind } from "./languages";

/** A letter: its subject, and its text. Places in braces are filled in; a line whose place stays empty is left out. */
export type Template = { subject: string; text: string };

/** The letters of the shop. Words between braces: owner, set, job, done, instructions, watch, price, warranty, estimate, most, due, shop, storage. */
export const TEMPLATES: Record<LetterKind, Record<Language, Template>> = {
  ready: {
    en: {
      subject: "Your {set} is ready",
      text: "Dear {owner},\n\nyour {set} (job {job}) is ready and can be collected.\n\nWhat was done: {done}\nHow to use it: {instructions}\nPlease watch: {watch}\nIt comes to {price}, tax included.\nThe work is warranted until {warranty}.\n\nKind regards\n{shop}",
    },
    de: {
      subject: "Ihr Gerät {set} ist fertig",
      text: "Guten Tag {owner},\n\nIhr Gerät {set} (Auftrag {job}) ist fertig und kann abgeholt werden.\n\nAusgeführt: {done}\nBedienung: {instructions}\nBitte achten Sie auf: {watch}\nDer Preis beträgt {price} einschließlich Steuer.\nGewährleistung auf die Arbeit bis {warranty}.\n\nMit freundlichen Grüßen\n{shop}",
    },
    fr: {
      subject: "Votre appareil {set} est prêt",
      text: "Bonjour {owner},\n\nvotre appareil {set} (dossier {job}) est prêt ; vous pouvez venir le chercher.\n\nTravaux effectués : {done}\nUtilisation : {instructions}\nÀ surveiller : {watch}\nLe prix est de {price}, taxes comprises.\nLe travail est garanti jusqu’au {warranty}.\n\nCordialement\n{shop}",
    },
    nl: {
      subject: "Uw toestel {set} is klaar",
      text: "Beste {owner},\n\nuw toestel {set} (opdracht {job}) is klaar en kan worden opgehaald.\n\nUitgevoerd: {done}\nGebruik: {instructions}\nLet op: {watch}\nDe prijs is {price}, inclusief btw.\nGarantie op het werk tot {warranty}.\n\nMet vriendelijke groet\n{shop}",
    },
  },
  reminder: {
    en: {
      subject: "Your {set} is still with us",
      text: "Dear {owner},\n\nyour {set} (job {job}) has been ready since {told} and is still with us. Please collect it, or tell us when you can.\nFrom {storage} a week we charge for storage.\n\nKind regards\n{shop}",
    },
    de: {
      subject: "Ihr Gerät {set} steht noch bei uns",
      text: "Guten Tag {owner},\n\nIhr Gerät {set} (Auftrag {job}) ist seit {told} fertig und steht noch bei uns. Bitte holen Sie es ab, oder sagen Sie uns, wann Sie kommen können.\nDie Aufbewahrung kostet inzwischen {storage} je Woche.\n\nMit freundlichen Grüßen\n{shop}",
    },
    fr: {
      subject: "Votre appareil {set} est encore chez nous",
      text: "Bonjour {owner},\n\nvotre appareil {set} (dossier {job}) est prêt depuis le {told} et se trouve encore chez nous. Merci de venir le chercher ou de nous dire quand vous pourrez passer.\nLa garde coûte désormais {storage} par semaine.\n\nCordialement\n{shop}",
    },
    nl: {
      subject: "Uw toestel {set} staat nog bij ons",
      text: "Beste {owner},\n\nuw toestel {set} (opdracht {job}) is sinds {told} klaar en staat nog bij ons. Wilt u het ophalen, of laten weten wanneer u kunt komen?\nDe opslag kost inmiddels {storage} per week.\n\nMet vriendelijke groet\n{shop}",
    },
  },
  estimate: {
    en: {
      subject: "Estimate for your {set}",
      text: "Dear {owner},\n\nwe have looked at your {set} (job {job}). We expect it to come to {estimate}, tax included, and to at most {most}.\nWe ask for a deposit of {deposit}.\nPlease tell us whether we may go on.\n\nKind regards\n{shop}",
    },
    de: {
      subject: "Kostenvoranschlag für Ihr Gerät {set}",
      text: "Guten Tag {owner},\n\nwir haben Ihr Gerät {set} (Auftrag {job}) angesehen. Wir rechnen mit {estimate} einschließlich Steuer, höchstens {most}.\nWir bitten um eine Anzahlung von {deposit}.\nBitte sagen Sie uns, ob wir weitermachen dürfen.\n\nMit freundlichen Grüßen\n{shop}",
    },
    fr: {
      subject: "Devis pour votre appareil {set}",
      text: "Bonjour {owner},\n\nnous avons examiné votre appareil {set} (dossier {job}). Nous prévoyons {estimate}, taxes comprises, et au plus {most}.\nNous demandons un acompte de {deposit}.\nMerci de nous dire si nous pouvons continuer.\n\nCordialement\n{shop}",
    },
    nl: {
      subject: "Prijsopgave voor uw toestel {set}",
      text: "Beste {owner},\n\nwij hebben uw toestel {set} (opdracht {job}) bekeken. Wij verwachten {estimate}, inclusief btw, en ten hoogste {most}.\nWij vragen een aanbetaling van {deposit}.\nWilt u laten weten of wij verder mogen gaan?\n\nMet vriendelijke groet\n{shop}",
    },
  },
  service: {
    en: {
      subject: "Your {set} is due for a service",
      text: "Dear {owner},\n\nyour {set} was last with us as job {job}. A service is due on {due}. Tell us when it suits you.\n\nKind regards\n{shop}",
    },
    de: {
      subject: "Wartung für Ihr Gerät {set}",
      text: "Guten Tag {owner},\n\nIhr Gerät {set} war zuletzt als Auftrag {job} bei uns. Die nächste Wartung ist am {due} fällig. Sagen Sie uns, wann es Ihnen passt.\n\nMit freundlichen Grüßen\n{shop}",
    },
    fr: {
      subject: "Entretien de votre appareil {set}",
      text: "Bonjour {owner},\n\nvotre appareil {set} était chez nous la dernière fois sous le dossier {job}. Le prochain entretien est prévu pour le {due}. Dites-nous quand cela vous convient.\n\nCordialement\n{shop}",
    },
    nl: {
      subject: "Onderhoud van uw toestel {set}",
      text: "Beste {owner},\n\nuw toestel {set} was het laatst bij ons als opdracht {job}. Op {due} is onderhoud aan de beurt. Laat weten wanneer het u schikt.\n\nMet vriendelijke groet\n{shop}",
    },
  },
};
