import { operations } from '../operations/registry';

/** A way of saying that something is done. The ones first in the list are stronger where one clause has several. */
export interface Saying {
  readonly key: string;
  readonly at: RegExp;
}

// What stands before a word that is a noun or an adjective there: "the extract", "combined extracts", "the filtered solid".
const before =
  'the|a|an|your|its|this|these|all|both|combined|each|of|crude|any|resulting|no|previously|freshly|newly|until|ether|ethereal|organic|aqueous|alkaline|first|second|third|three|two|press|suck|pressed|sucked|oven|flame|cold|from|less|gentle|strong|low|high|more';

/** Anything within a sentence, decimal points included. */
const gap = (most: number): string => `(?:[^.;]|\\.(?=\\d)){0,${String(most)}}?`;

/**
 * A verb in the forms of an instruction and of a report. As an adjective ("the filtered solid") or a noun ("with stirring") it is not
 * meant: nothing is done there.
 */
function verb(
  stem: string,
  { ing = true, ed = `${stem}ed` }: { readonly ing?: boolean; readonly ed?: string } = {},
): string {
  const plain = `(?<!\\b(?:${before})[\\s-])\\b${stem}\\b(?! (?:flask|paper|funnel|condenser|cylinder|bottle|aid|boat|bath|cake|bar|plate|mantle|agent|gun|head|range|point|tube))`;
  const done = `(?<!\\b(?:${before})[\\s-])\\b(?:${ed})\\b`;
  const doing = `(?<!\\b(?:with|while|whilst|during|of|for|without|continuous|constant|occasional|vigorous|gentle|good|under|needs|until|and|the) )\\b${stem.replace(/e$/, '')}ing\\b`;
  return `(?:${[plain, done, ...(ing ? [doing] : [])].join('|')})`;
}

const saying = (key: string, ...patterns: readonly string[]): Saying => ({
  key,
  at: new RegExp(patterns.map((one) => `(?:${one})`).join('|'), 'g'),
});

/** Words that an operation has for itself: nothing that the reader knows is meant by them. */
const own: readonly Saying[] = operations.flatMap(({ told }) =>
  told.by.flatMap(({ by, words }) => (words ? [saying(by, ...words)] : [])),
);

/** All ways of saying, the strongest first. */
export const sayings: readonly Saying[] = [
  ...own,
  saying(
    'without',
    '\\bcentrifug(?:e|es|ed|ation)\\b(?! tube)',
    '\\b(?:column|flash|gravity) chromatograph\\w*',
    '\\birradiat\\w+',
    '\\bhydrogenat(?:e|es|ed)\\b',
    '\\belectroly[sz]\\w+',
    '\\bfreeze[- ]dr\\w+',
    '\\blyophili[sz]\\w+',
    '\\bsonicat\\w+',
    '\\bmicrowave[ds]?\\b(?! oven)',
    '\\bpolarimet\\w+',
    '\\brefractive index\\b',
  ),
  saying('repeat', '\\brepeat(?:ed|ing)?\\b', '\\bdo this (?:twice|again|once more)\\b'),
  saying('secondCrop', '\\bsecond crop\\b'),
  saying('steam', '\\bsteam[- ]?distil\\w*'),
  saying(
    'fractionate',
    '\\bfractionally distil\\w*',
    '\\bfractionat(?:e|ed|ing)\\b(?! column)',
    '\\bfractional distillation\\b',
  ),
  saying('calculate', '\\bcalculat(?:e|ed)\\b', '\\bwork out (?:the|your)\\b[^.]{0,30}\\b(?:yield|recovery)\\b'),
  saying(
    'melting',
    `\\b(?:determin|measur|record|tak|find|found|check|not)(?:e|es|ed|en|ing)?\\b${gap(60)}\\b(?:melting (?:points?|ranges?)|m\\.? ?pt?s?\\b)`,
    '\\bmixed (?:melting point|m\\.? ?p)',
    '\\bm\\.?p\\.? (?:was|is) (?:determined|measured|taken)',
    '\\bmelting (?:points?|ranges?) (?:was|were|is|are) (?:determined|measured|taken|recorded)',
  ),
  saying(
    'spectrum',
    `\\b(?:run|record|obtain|measure|take|acquire)\\w*\\b${gap(40)}\\b(?:ir|infrared|nmr|spectr(?:um|a))\\b`,
    '\\b(?:ir|infrared|nmr|1h nmr) (?:spectrum|spectra|spectroscopy)\\b',
    '\\bspectr(?:um|a) (?:was|were|is|are)\\b',
  ),
  saying('chromatogram', '\\b(?:glc|gc|gas chromatograph\\w*)\\b(?! vial)', '\\bchromatogram\\b'),
  saying('tlc', '\\b(?:tlc|thin[- ]layer)\\b'),
  saying(
    'testing',
    `\\b(?:check|test)\\w*\\b${gap(30)}\\b(?:ph|litmus|indicator) ?(?:paper|strip)?\\b`,
    '\\bstarch[- ](?:iodide|potassium iodide)\\b',
    `\\btest(?:ed)?\\b${gap(40)}\\b(?:with|using|for)\\b`,
    verb('test', { ing: false }) + '(?! tube)',
  ),
  saying(
    'recrystallize',
    `\\b(?:re)?-?crystalli[sz](?:e|es|ed|ing)\\b (?:the\\b${gap(40)}\\b)?(?:from|twice|once|by)`,
    '\\brecrystalli[sz](?:e|es|ed|ing|ation)\\b',
    '\\bcrystalli[sz]ation from\\b',
    `\\btaken? up in${gap(20)}\\b(?:hot|boiling)\\b`,
    `\\bpurif(?:y|ied)\\b${gap(40)}\\brecrystalli[sz]\\w+`,
    `\\bdissolv(?:e|es|ed|ing)\\b${gap(70)}\\b(?:minimum|least|smallest|just enough|(?:boiling|hot) (?:water|ethanol|methanol|alcohol|aqueous|solvent|ethyl|propan|isopropanol|toluene|acetone|hexane|heptane|petroleum|\\d+ ?%|industrial|methylated|ethanoic|acetic|\\w*-?pure|rectified))`,
  ),
  saying(
    'extract',
    verb('extract', { ed: 'extracted' }) + '(?! (?:is|was|are|were|s|with the|into)\\b)',
    '\\bextraction (?:of|with)\\b',
    '\\b(?:used|employed|needed) for (?:the )?extraction\\b',
    `\\bshak(?:e|en)\\b${gap(60)}\\bwith\\b${gap(60)}\\b(?:ether|dichloromethane|ethyl acetate|chloroform|toluene|hexane|tbme|mtbe|dcm|petroleum)\\b`,
  ),
  saying(
    'reflux',
    verb('reflux', { ed: 'refluxed' }),
    '\\b(?:under|at|to|gentle|vigorous|into|for|a steady) reflux\\b',
    '\\bboil(?:ed|ing)? under (?:a )?(?:reflux|condenser)',
  ),
  saying(
    'neutralize',
    verb('neutrali[sz]e', { ed: 'neutrali[sz]ed' }),
    verb('acidify', { ed: 'acidified' }),
    '\\bacidifies\\b',
    verb('basify', { ed: 'basified' }),
    `\\b(?:make|made|render(?:ed)?|rendered)\\b${gap(30)}\\b(?:acidic?|alkaline|basic|neutral)\\b`,
    `\\b(?:adjust|bring|brought)\\w*\\b${gap(40)}\\bph\\b`,
    `\\badd(?:ed)?\\b${gap(90)}\\b(?:until|till|to)\\b${gap(50)}\\b(?:ph\\b|litmus|acidic|alkaline|neutral\\b|congo)`,
    `\\badd(?:ed)?\\b${gap(90)}\\buntil\\b${gap(40)}\\b(?:effervescence|gas|fizzing|bubbling|evolution|carbon dioxide)\\b`,
  ),
  saying(
    'quench',
    `\\bexcess\\b${gap(40)}\\b(?:destroyed|decomposed)\\b`,
    verb('quench', { ed: 'quenched' }),
    `\\bpour(?:ed|ing)?\\b${gap(70)}\\b(?:on|onto|on to|into|in|over|upon)\\b${gap(60)}\\b(?:ice|water|hydrochloric|sulfuric|sulphuric|hcl|acid|brine|bicarbonate|\\d+ ?(?:ml|cm3|g|cc))\\b(?! (?:bath|cooled))`,
    `\\b(?:destroy|decompos)\\w*\\b${gap(40)}\\b(?:excess|unreacted|remaining)\\b`,
  ),
  saying(
    'vacuum',
    '\\b(?:vacuum|suction)[- ]?filt\\w+',
    `\\bfilt(?:er|ered|ering|ration)\\b${gap(60)}\\b(?:suction|vacuum|pump|b[uü]chner|hirsch|reduced pressure|aspirator|sinter\\w*)\\b`,
    '\\bsuck(?:ed|ing)? (?:off|it off)\\b',
    `\\bcollect(?:ed|ing)?\\b${gap(70)}\\b(?:suction|vacuum|pump|b[uü]chner|hirsch|filtration|filter(?:ed|ing)?)\\b`,
  ),
  saying('wash', verb('wash', { ed: 'washed' }) + '(?!es\\b)', '\\bwashes (?=the|it)'),
  saying(
    'collectFraction',
    `\\bcollect(?:ed|ing)?\\b${gap(60)}\\b(?:fractions?|distillates?|boiling|distils|distilling|cuts?|b\\.?p\\b|receivers?|between \\d|distil\\w*)\\b`,
    '\\bfractions? (?:boiling|distilling)\\b',
    `\\bfractions?\\b${gap(40)}\\bcollected\\b`,
  ),
  saying(
    'evaporateOff',
    '\\b(?:rotary|rotavap\\w*|rotovap\\w*|rotary evaporator|rotavapor|rotoevap\\w*)\\b',
    `\\b(?:remov|evaporat|strip|distil)\\w*\\b${gap(40)}\\b(?:off )?(?:the )?(?:solvent|ether|dichloromethane|ethyl acetate|methanol|ethanol|acetone|hexane|toluene|tbme|mtbe|dcm|thf|chloroform|petroleum)\\b`,
    verb('evaporate', { ed: 'evaporated' }),
    '\\bconcentrat(?:e|ed) (?:under|in vacuo|to dryness)\\b',
    '\\bin vacuo\\b',
    '\\bsolvent (?:is|was|were) (?:removed|evaporated|stripped|distilled)',
    '\\bstrip(?:ped)?\\b',
  ),
  saying(
    'boilDown',
    `\\b(?:boil(?:ed)?|concentrat(?:e|ed)|reduc(?:e|ed)|evaporat(?:e|ed))\\b${gap(50)}\\b(?:down|to (?:about|ca\\.?|approximately|a volume|one[- ]half|half|\\d))\\b`,
  ),
  saying(
    'distil',
    verb('distill?', { ed: 'distilled' }) + '(?!ed (?:water|off))',
    '\\bdistillation (?:of|from|under|at|gave|through|in|afforded|yielded)\\b',
    '\\bredistil\\w*',
  ),
  saying('filter', verb('filter', { ed: 'filtered' }), '\\b(?:by|gravity|hot) filtration\\b', '\\bfilter off\\b'),
  saying('decant', verb('decant', { ed: 'decanted' })),
  saying(
    'collectSolid',
    `\\b(?:collect|isolat|recover)(?:e|ed|ing)?\\b${gap(50)}\\b(?:crystals?|solids?|precipitates?|product)\\b`,
    '\\b(?:crystals?|solids?|precipitates?|product) (?:is|are|was|were) (?:collected|isolated|recovered)\\b',
  ),
  saying(
    'anhydrous',
    '\\b(?:flame|oven|heat[- ]gun)[- ]dr(?:y|ied)\\b',
    '\\b(?:under|with) (?:an? )?(?:atmosphere of )?(?:dry )?(?:nitrogen|argon|inert gas)\\b',
    `\\b(?:fit|attach|connect)\\w*\\b${gap(40)}\\bdrying tube\\b`,
  ),
  saying(
    'dry',
    `${verb('dry', { ed: 'dried' })}(?! (?:ether|solvent|thf|toluene|acetone|ethanol|methanol|dichloromethane|tetrahydrofuran|glassware|nitrogen|ice|air|diethyl|tert|pyridine|flask|box)\\b)`,
    '\\bdrying\\b (?=over|with|in|on|to)',
    `\\b(?:leave|left|allow(?:ed)?)\\b${gap(40)}\\bto dry\\b`,
    '\\bair[- ]dr(?:y|ied)\\b',
  ),
  saying(
    'weigh',
    verb('weigh', { ed: 'weighed', ing: false }),
    `\\b(?:record|determin|measur|not|find|found)(?:e|es|ed)?\\b${gap(30)}\\b(?:mass|weight|yield)\\b`,
    '\\breweigh\\w*',
  ),
  saying(
    'induction',
    `\\b(?:wait|until)\\b${gap(40)}\\breaction\\b${gap(20)}\\b(?:starts?|begins?|has (?:started|begun)|sets? in|initiat\\w+)`,
    '\\b(?:start|initiat)(?:e|ed)?\\b the reaction\\b',
    '\\breaction (?:does not|fails to) start',
  ),
  saying('grind', verb('grind', { ed: 'ground' }), verb('triturate', { ed: 'triturated' }) + '(?!x)'),
  saying(
    'addDropwise',
    `\\badd(?:ed|ing|ition)?\\b${gap(110)}\\b(?:drop ?-?wise|drop by drop|portion ?-?wise|in (?:small |several |\\w+ |\\d+ )?(?:equal )?portions|slowly|cautiously|carefully|gradually|over (?:a period of )?(?:about |ca\\.? )?(?:\\d|one|two|five|ten|fifteen|twenty|half)|during \\d|a little at a time|at such a rate|drops? (?:a|per))`,
    `\\brun in\\b${gap(60)}`,
    '\\b(?:slowly|cautiously|carefully|gradually|dropwise|portionwise),? add(?:ed)?\\b',
  ),
  saying('pourInto', verb('pour', { ed: 'poured' })),
  saying('weighOut', '\\bweigh(?:ed)? (?:out|in|into)\\b', `\\bweigh(?:ed)?\\b${gap(12)}\\d`),
  saying(
    'add',
    verb('add', { ed: 'added', ing: false }),
    '\\badding\\b',
    verb('dissolve', { ed: 'dissolved', ing: false }),
    '\\b(?:place|put|introduce|charge|suspend|mix|measure|dispense|pipette|pipet|syringe|inject|tip|combine|dilute|take up|taken up|load|insert|saturate|make up)(?:d|ed)?\\b(?! (?:the (?:layers|extracts|organic|ether))| tube| the (?:flask|tube|beaker|mixture|vial|vessel|solution|crystals|solid|product|crude) (?:in|on|into|onto) (?:an?|the) (?:ice|water|oil|cold|steam|hot|sand|oven|desiccator|heating|clean|tared|weighed))',
  ),
  saying(
    'stand',
    `\\b(?:allow(?:ed)?|leave|left|let|set)\\b${gap(50)}\\b(?:to stand|stand|aside|overnight|standing)\\b`,
    '\\bkept? overnight\\b',
    '\\b(?:leave|left)(?: it| the \\w+)?(?: undisturbed| covered| stoppered)? for\\b',
    '\\bstand(?:s|ing)? (?:for|overnight)\\b',
    '\\bstood (?:for|overnight)\\b',
    '\\bset aside\\b',
  ),
  saying(
    'store',
    verb('store', { ed: 'stored' }),
    '\\bhand (?:it |the \\w+ )?in\\b',
    '\\bsubmit\\w*\\b',
    `\\b(?:bottle|transfer)(?:d|red)?\\b${gap(40)}\\b(?:labell?ed|sample) (?:vial|tube|bottle|container)`,
    '\\bkeep the product\\b',
  ),
  saying('evaporateDays', `\\b(?:allow|leave|let)\\b${gap(60)}\\bevaporate\\b`),
  saying('hotSolvent', `\\bcharcoal\\b${gap(40)}(?:boil|heat)`),
  saying(
    'cool',
    verb('cool', { ed: 'cooled' }),
    verb('chill', { ed: 'chilled' }),
    `\\b(?:place|put|stand|immerse|set|leave|left|kept|keep)(?:d|ed)?\\b${gap(50)}\\b(?:ice[- ]?bath|ice[- ]water bath|in (?:an? )?ice|on ice|refrigerator|fridge|cold[- ]water bath)\\b`,
    '\\bcooling (?:in|to|down)\\b',
  ),
  saying('shakeVial', verb('shake', { ed: 'shaken' })),
  saying(
    'heat',
    verb('heat', { ed: 'heated' }),
    verb('warm', { ed: 'warmed' }) + '(?! (?:water|ethanol|solvent|methanol))',
    verb('boil', { ed: 'boiled', ing: false }),
    `\\bbring${gap(40)}\\bto (?:the|a) (?:gentle )?boil\\b`,
  ),
  saying(
    'stir',
    verb('stir', { ed: 'stirred', ing: false }),
    '\\bswirl(?:ed)?\\b',
    `\\b(?:continue|maintain)(?:d|ed)?\\b${gap(30)}\\b(?:stirring|heating)\\b`,
    '\\bstirring (?:is|was) continued',
    '\\bof stirring\\b',
  ),
  saying(
    'more',
    '\\b(?:rins(?:e|ed|ing)|separat(?:e|ed) the|run(?:ning)? (?:off|out)|drain(?:ed)?|draw(?:n)? off|discard(?:ed)?|vent(?:ed)?|release the pressure|transfer(?:red)?|fit(?:ted)?|attach(?:ed)?|assembl(?:e|ed)|set up|clamp(?:ed)?|arrange(?:d)?|equip(?:ped)?|press(?:ed)?|combin(?:e|ed) the|scratch(?:ed)?|seed(?:ed)?|label(?:led)?|observe|note|check|ensure|make sure|turn (?:on|off)|switch|remove|layers (?:are|were) separated|invert|stopper(?:ed)?)\\b',
  ),
];
