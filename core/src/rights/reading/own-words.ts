import type { RightsFinding } from '@haveld/contract/licence';

type OwnWords = RightsFinding['ownWords'][number];

/** Sentences in which people grant or forbid something in words of their own, in four languages. Common practice, no source. */
export const OWN_WORDS_RULES: readonly { term: OwnWords['term']; grant: OwnWords['grant']; pattern: RegExp }[] = [
  {
    term: 'commercial',
    grant: 'yes',
    pattern:
      /\b(?:commercial\s+(?:and|or|&)\s+(?:non[\s-]?commercial|personal|private)|(?:personal|private|non[\s-]?commercial)\s+(?:and|or|&)\s+commercial)\b|\b(?:free|ok|okay|allowed)\s+for\s+commercial\b|\bcommercial\s+use\s+(?:is\s+)?(?:allowed|permitted|ok)\b|\bkommerzielle\s+nutzung\s+(?:ist\s+)?erlaubt\b|\butilisation\s+commerciale\s+autoris[eé]e\b|\buso\s+comercial\s+permitido\b/i,
  },
  {
    term: 'commercial',
    grant: 'no',
    pattern:
      /\bno(?:t|n)?[\s-]+(?:for\s+)?(?:any\s+)?commercial\b|\butilisation\s+commerciale\s+interdite\b|\bkeine\s+kommerzielle\b|\bnicht[\s-]kommerziell|\bno\s+comercial\b/i,
  },
  {
    term: 'passOn',
    grant: 'no',
    pattern:
      /\b(?:do\s+not|don'?t|no|not\s+be|may\s+not|must\s+not)\s+(?:\w+\s+){0,3}?(?:re-?sell|re-?distribut\w*|re-?upload\w*|shar(?:e|ing)\s+the\s+files?|sell\s+(?:it|this|the\s+model))\b|\bweitergabe\s+(?:nur|nicht|verboten)|\bne\s+pas\s+redistribuer\b|\bno\s+redistribu\w+|\bprohibida\s+su\s+redistribuci[oó]n\b/i,
  },
  {
    term: 'adapt',
    grant: 'yes',
    pattern:
      /\b(?:feel\s+free\s+to|you\s+(?:may|can)|free\s+to)\s+(?:\w+,?\s+){0,4}?(?:modify|change|edit|remix|alter)\b/i,
  },
  {
    term: 'attribution',
    grant: 'no',
    pattern:
      /\bno\s+(?:attribution|credit)\s+(?:is\s+)?(?:needed|required|necessary)\b|\b(?:attribution|credit)\s+(?:is\s+)?not\s+(?:needed|required|necessary)\b/i,
  },
  {
    term: 'attribution',
    grant: 'asked',
    pattern:
      /\b(?:please|must|have\s+to|pls)\s+(?:give\s+)?(?:credit|attribute|mention)\b|\bmerci\s+de\s+citer\b|\bbitte\s+(?:den\s+)?(?:autor|urheber|namen)\b/i,
  },
  {
    term: 'learning',
    grant: 'no',
    pattern:
      /\b(?:no|not|never)\s+(?:\w+\s+){0,4}?(?:machine[\s-]learning|training\s+(?:of\s+)?(?:ai|models?|neural)|generative\s+ai|ai\s+training)\b/i,
  },
];
