package oilcloth.reading;

import java.util.Set;
import oilcloth.text.Cue;

/** Word lists of the kitchen that several readers share. */
final class Vocabulary {
    /** Phrases that hold a food's name and are no ingredient. */
    private static final String NAMED_FOR =
            "(rice|eggs?|bacon|turkey|chicken|hen|coffee|tea|fish|meat|cheese|potato|milk|cream|bread|butter|sugar|salt|flour|soup|stew|gravy|jam|jelly|pickle|corn|popcorn|wine|beer|honey|olive|peach|apple|cherry|plum|pear|fig|lemon|orange|bean|pea|tomato|onion|garlic|pasta|noodle|cake|pie|cookie|biscuit|nut|peanut|berry|strawberry|melon|pumpkin|cabbage|kraut|sausage|ham|pork|beef|oyster|crab|shrimp|pepper|mustard|spice|sauce|salad|pizza|lard|grease)";

    private static final String THING =
            "(cookers?|timers?|roasters?|urn|knife|knives|mashers?|forks?|ladles?|grinders?|mill|peelers?|slicers?|cutters?|corers?|pitters?|ricers?|steamers?|baskets?|bowls?|platters?|trays?|tins?|box|boxes|crates?|cartons?|bins?|crib|mugs?|pitchers?|scoops?|tongs|thermometer|scales?|boards?|graters?|fryers?|coop|barn|pen|truck|aisle|counter|department|shop|market|factory|festival|money|maker|machine|safe|cellar|shed|wagon|cart|rack|hook|bib|apron)";

    /** "The rice cooker", "an egg timer", "the fish market", "over the bacon can": things and places named for what they are for. */
    private static final String A_THING = "\\b" + NAMED_FOR + " " + THING
            + "\\b|(?<!\\bin (a|the|my|our) (\\w{1,9} )?)\\b(bacon|grease|coffee) cans?\\b(?! of)"
            + "|\\b(soup|stew|bean|chili|gumbo|pasta|coffee|tea) (pot|kettle)\\b(?! (full )?of)"
            // "the kind in the green bottle by the eggs at the store"
            + "|\\b(by|near|beside|next to|behind|across from|with|past) the (\\w+ and )?\\w+ (at|in) the (store|shop|market|grocery)\\b"
            // "her Sunday chicken was in the way on the stove"
            + "|\\b\\w+( \\w+)? (was|were|is|are) (in the way|taking up|hogging) (on|in|the)\\b"
            + "|\\b(best|good|great|fine|nice|perfect|quick) (base|start|starter) for (\\w+ ){0,5}(soup|stew|chili|sauce|spaghetti|gumbo|curry)\\b";

    static final Cue NO_INGREDIENT = Cue.of(
            A_THING + "|" + Bystanders.PHRASES + "|"
                    + "\\b(peach|pear|apple|tomato|pickle|beet|bean|corn|okra|berry|cherry|plum|fig|pumpkin|jam|jelly|kraut|pepper|potato|onion|garlic|melon|carrot) (lady|ladies|man|woman|girl|guy|boy|people|folks|person|expert|club|queen|king)\\b|\\b(dinner|supper|church|school|door|alarm|cow|fire|ship's) bells?\\b|\\b(flour|sugar|salt|pickle|cookie|bread|potato|onion|rice|corn|feed) (bin|sack|canister|barrel|crib)s?\\b|\\bbread[- ](and|n|'n|'n'|n'|&)[- ]butters?\\b|(?<=\\b(i'm|im|i am|(i|she|he|they|you|we|it)( is| are| was| were|'s|'re)|going|gone|went|goes|drives? (me|us)|drove (me|us)|driving (me|us)) )nuts\\b(?! (and|in|to|of|chopped))|\\bnuts (about|over|for)\\b|\\b(apple|pear|peach|plum|fruit|apricot|fig|quince|cherry|nectarine|rhubarb|cantaloupe|melon|watermelon|pineapple|persimmon|papaya|grape|cranberry|blueberry|strawberry|raspberry|blackberry|berry|crab ?apple) butter\\b|(?<=\\b(pumpkin|tomato|squash|potato|banana|mango|carrot)s? )butter\\b|(?<!\\badd )(?<!\\bused )\\b(lids?|rings?|bands?|jars?)\\b[^.;,]{0,16}\\b(from|off|of) (the )?(last|previous) \\w+('?s)? \\w+"
                    + "|\\b(apple|cherry|potato|tomato|egg|corn|pear|peach|bean|carrot|vegetable|garlic|cheese|melon|grapefruit|strawberry|butter|lemon|orange|pumpkin|cabbage) (peeler|corer|pitter|masher|ricer|slicer|timer|cutter|press|mill|stoner|frencher|brush|scrubber|grater|machine|wedger|stripper|sheller|huller|pot|knife|fork|tool|gadget|thing)s?\\b"
                    + "|\\b(from|because of|due to|that's|it's|is) (just |only )?(the |its |their |natural |fruit's (own )?)+pectin\\b(?! (was|is|in a|packet|box|pouch|i|we)\\b)|\\bnatural pectin\\b|\\bpectin (breaks|breaking|lets|letting|level|content)\\b"
                    + "|\\bwater[- ]filled\\b|\\b(bags?|jugs?|weighted (down )?with) ((full|filled) )?(of|with) (salt ?|salted )?water\\b|\\b(mayo|mayonnaise|pickle|jam|sauce|baby food|peanut butter|honey|spaghetti( sauce)?|coffee|salsa|olive|mustard)( (and|or) \\w+)? jars?\\b"
                    // "grapefruit and orange sections half and half", "half and half vinegar and water"
                    + "|(?<=\\b(and|&) \\w{3,14} ((sections|slices|halves|pieces|chunks),? )?)(?<!\\bpepper )half[- ]and[- ]half\\b(?! (cream|in|into|to|and|at|on|over|for|goes|went|poured|mixed|stirred|added)\\b)|\\bhalf[- ]and[- ]half(?= (of )?(\\w+ )?(vinegar|water|brine) )|(?<=\\b(both|sections|mixed),? (\\w{3,14} )?(sections|slices|halves|pieces|chunks)?,? )half[- ]and[- ]half(?= ?([.;)]|$))|(?<=\\b(with|and|&) (\\w{3,12} )?\\w{3,14}, )half[- ]and[- ]half(?= ?[.;)])"
                    + "|\\b(there('s| is| was)|i (see|noticed|found)|(has|have|had|got)) (a |some |an )?(\\w+ )?(layer|film|slick|ring|skim|beads|drops) of (\\w+ )?(oil|fat|grease)\\b"
                    + "|\\b(olive|orange|peach|plum|cherry|lime|salmon|cream)([- ]?(ish|colou?red|colou?r|drab|tint(ed)?|tinge|brown|grease|fat|film|ring|scum))\\b"
                    + "|\\bcuts? (the |any )?(grease|fat)\\b|\\b(buys?|bought|owes?) (me |him |her |us |you )?(a |the |some |our |my )?(cup of |pot of )?(coffee|tea|beer)s?\\b"
                    + "|\\bbreads? (it|them|mine)\\b|\\bmayo(nnaise)?( (and|or) [a-z]+)? ones\\b|\\bcream[- ]style\\b"
                    + "|(?<=\\b(mixed|mixture|about|roughly|split|blend|both kinds|two kinds),? (about )?)half[- ]and[- ]half(?= ?([.;)]|$))|(?<=\\b(get|gets|wash|rinse|shake|soak)\\b[^.;]{0,20})\\bgrit\\b|\\b(the|any|no|some|more|sand and|dirt and) grit\\b|\\bgrit (out|off|in|from)\\b|\\b(chill|hung|hang|skin|dress|gut|age|cool|quarter|bone|butcher|clean|ice|rinse|wash|hosed|drag)\\w{0,4}( down| out)? (the|its|each|his|her|my|our) (whole )?carcass(es)?\\b|\\b(oil(ed|ing|s)?|grease[ds]?|vaseline) (on )?(the|my|its) (rubber )?(gasket|seal ring|sealing ring|canner (lid|seal|ring|rim))\\b"
                    + "|\\bwip\\w+\\b[^.;,]{0,30}(\\bwith|w/|w) ?(a |some |little |bit of |white |clean |cloth |towel |paper |rag |dipped |soaked |wrung |rung |squeezed |moistened |moist |wet |out |in |with |of |hot |warm |water |and |dampened |damp )*vinegar\\b|\\bcream of the crop\\b|\\bbone (knife|handled?|spatula|folder|china|spoon)\\b|(?<!\\b(recipe|vegetables|meat) )\\bfor (my |our |the |his |her |a |making )?(chili|soups?|stews?|gumbo|pies?|pizza|spaghetti|burritos|tacos|enchiladas|dips?)\\b|\\bdrink (a |my |his |her |the )?(cup of )?(coffee|tea|beer)\\b|\\b(splash|glug|bit|little|spoon(ful)?|tablespoons?|tbsp|cup|capful|dash|shot|drop|some|white)?( of)? ?(white )?vinegar( goes| went| gets put| put)? (in|into|to) (the |my )?(canner|canner water|canning water|water ?bath|processing water)\\b|\\b(to|for|fed|feed) (the |my |our )?(chickens?|pigs?|goats?|hens?|rabbits?|turkeys?|ducks?|hogs?|cows?)\\b|\\b(trade|traded|swap|swapped)\\b[^.;]{0,24}\\bfor (a |some |the )?(dozen )?(eggs|honey|milk|butter|cream|cheese|bacon|corn|potatoes|bread)\\b|\\b(save|keep|use|saved|kept) (the |all the |my )?(trimmings|peelings|peels|bones|ends|scraps|tops|tails|cores|skins|pods|cobs)( and \\w+)? for (stock|broth|soup|jelly|compost|the \\w+)\\b|\\bcoffee filters?\\b|\\btea (towels?|balls?)\\b|(?<=[,;.] )bones? (left in|in|left)(?=[,.;:]|$)|\\bskin on,? bones? in\\b|\\bice picks?\\b|\\b(gravy|soup|stew) (starter|base)\\b|\\bchill?i (starter|base|night|fixings|cook-?off|supper)\\b|\\bmilk crates?\\b|\\bwine bottles?\\b|\\bbeer cooler\\b|\\bhoney bears?\\b|\\bice (chest|packs?)\\b|\\bsugar thermometer\\b|\\b(get|rinse|wash|soak) the starch (off|out|away)\\b|(?<=\\b(watch|sat|waited|stood|sitting|reading|relaxed)\\w{0,4}\\b[^.;]{0,40} with a )(cup|mug|pot) of (coffee|tea)\\b|(?<!\\b(add|stir in|with|of) (a )?)\\b(cup|mug|pot) of (coffee|tea)\\b(?! (in|into|to|and stir))|\\b(they|it|these|this|that|which|we|i) (make|makes|made|use|uses|used) (it |them |these |the |a |an |some |great |good |quick |quickest |fast |fastest |best |our |my |easy |nice |in |for )*(chill?i|soups?|stews?|gumbo|pies?|cobblers?|pizza|spaghetti|tacos|burritos|casseroles?|gravy|sandwich(es)?|salads?)\\b(?![^.;]{0,30}\\b(cover|pour|pack|jars?|over|fill|ladle|top|put)\\b)|\\bmelon (ball\\w*|scoop\\w*|spoons?)|\\b(butter|grapefruit|fish|bread|cheese|steak|oyster) (knife|knives|spoons?|boner|scaler|brush)\\b|\\bbutter knife\\b|\\b(with|using) (a|an|the|my) (old |small |slotted |wooden |serrated )*(teaspoon|tablespoon|spoon)\\b(?! (of|full))|\\bjelly (bag|jars?|glass(es)?)\\b|\\b(egg|pea|walnut|grape|marble|rice)[- ]?sized?\\b|\\bthe size of (an? )?(\\w+ )?\\w+\\b|\\b(as )?(big|large|small) (around )?as (an? )?(golf |tennis )?\\w+\\b|\\b(walnut|egg|pea|marble|plum|cherry|hazelnut|almond|lemon|apple|olive|bean|lime)[- ]sized?\\b"
                    + "|\\b(rins|wash|scrub|clean)\\w*\\b[^.;,]{0,40}\\b(jars?|rims?|lids?|counters?|sink|canner|kettle|pots?|sprayer|hands?|outsides?)\\b[^.;,]{0,16}\\b(with|in|using) (a |some |hot |little |bit of |weak |white |warm )*vinegar( water| and water| solution)?\\b"
                    + "|\\b(bleeds?|bled|bleeding|faded|fades|gone|dyed|stained|kinda|sort of|kind of|stay|stays|stayed|staying|turn|turns|turned|look|looks|looked|go|goes|went|bright|deep|dark|pale|nice and|color is|colou?r of|keeps? (them|it)|(liquid|syrup|water|juice|brine|fat|broth) (is|was|got|gets)) (nice |so |a |and |bright |more |bit |little |touch |shade |slightly |somewhat |very |quite |rather |too |kind |sort |of |dull |light |rusty )*(orange|lime|peach|plum|cherry|olive|salmon|cream)\\b(?! (juice|peel|zest|slices|rind))"
                    + "|(?<!such )\\bas (for |in |with |told for )?(the )?(apple|blueberry|cherry|peach|tomato|bean|pear)( pie)?( filling)?\\b(?= ?[.,;:)])"
                    + "|\\bdate( (made|canned|processed|received|of|opened))? ?:"
                    + "|\\b(then|the|that|pour\\w*|ladle\\w*|fill\\w*) hot sauce\\b|\\bhot sauce(?= ((in|over|on|on top)(?=[,.;])|in(?= to)|into|to (within )?(1|a)))|\\bfish oil\\b|^hot sauce(?=, )|(?<=\\bplums,? )(prune|italian)( type)?\\b|\\bprune (type )?(?=plums)"
                    // "rinsed the fish in vinegar water": the guide's own way to take off the slime
                    + "|(?<=\\b(rins(e|es|ed|ing)|wash(es|ed|ing)?|dip(s|ped)?|clean(s|ed)?)\\b[^.;,]{0,30}\\b(in|with) [a-z ]{0,20})vinegar[- ](and[- ])?(water|rinse|solution)\\b"
                    + "|\\bloa(f|ves) of ([a-z]+ )?bread\\b"
                    + "|(?<!\\b(can|cans|tin|tins) of )\\b(coffee|tobacco|cookie|cracker|biscuit|paint) (cans?|tins?|box(es)?)\\b(?! of)"
                    + "|\\b(at|for|to) (the|a|our|every) (\\w+ )?(fish|chicken|clam|crab|lobster|shrimp|salmon|oyster|pig|ham|turkey|bean|ice cream|corn) (fry|fries|boil|bake|roast|feed|dinner|supper|social|raffle)s?\\b"
                    + "|\\b(flour|jam|jelly|syrup|butter|grease|honey|dough|milk|oil) (all )?(on|over) (my|her|his|our|the|their) (\\w+ )?(hands?|fingers?|apron|face|floor|card|paper|glasses|sleeves?|shirt|dress|page|letter|counter)\\b"
                    + "|\\b(went|go|goes|gone|going|out|off|had|have|time|back|down)( back| out)? to milk(?= ?([.,;!]|$| (the|our|my|her|his|at|before|twice)\\b))|\\bice cream\\b|\\bmilk jugs?\\b|\\bolive green\\b"
                    + "|\\b(rims?|jars?|lids?|tops)\\b[^.;,]{0,16}\\b(wiped?|cleaned|rinsed|washed|scrubbed|swiped|rubbed|gone over)\\b[^.;,]{0,16}\\b(with|w/|w|in) (\\w+ ){0,3}vinegar\\b"
                    + "|\\bdegreas\\w+\\b[^.;,]{0,30}\\bvinegar\\b|\\b(splash|glug|bit|little|spoon(ful)?|tablespoons?|tbsp|cup|capful|dash|shot|drop|some)( of)? ?(white )?vinegar (so|to keep|against) (the |my )?(jars?|glass|minerals|hard water|water spots|spots?|scale|film)\\b|\\b(grease|haze|film|scale|spots|residue|smears?|stickiness|scum)\\b[^.;,]{0,30}\\b(with|using) (a |an |little |bit of |dab of |some |white |plain |cloth |rag |towel |dipped |in |wet |with |of )*vinegar\\b|\\b(blue|red|purple|white)[- ]ribbons?\\b|\\b(wing|lock|hex|thumb) ?nuts?\\b|\\bnuts? and bolts?\\b|\\b(use|used|uses|save|saved|keep|kept) (it|them|this|that) for (the |my |our |making )?(\\w+ )?(dumplings?|noodles?|soups?|stews?|gravy|pot ?pies?|casseroles?|tacos|rice|pasta|chili|chowder|sandwiches|salads?)\\b"
                    + "|\\b(wash|rins|clean|scrub|wip)(ed|es|e|ing)? (off )?(the |my |each |every )?(jar )?(rims?|tops) (off )?(with|in|using) (a |some |hot |warm |little |bit of |plain |soapy |water |and )*vinegar\\b"
                    + "|\\bwip\\w+\\b[^.;,]{0,20}\\b(rims?|jars?|tops|lids?|them)\\b(?:(?!\\b(add|pour|put|splash|spoon|and)\\w*\\b)[^.;,]){0,50}\\bvinegar\\b"
                    // "Pike Fork", "the turkey fryer": named after what grows or is cooked there
                    + "|\\b(pike|salmon|trout|bass|perch|fish|crab|clam|oyster|peach|plum|pear|apple|orange|cherry|lemon|lime|berry|blueberry|cranberry|strawberry|fig|date|grape|olive|walnut|pecan|mint|sage|pepper|onion|bean|corn|wheat|rice|honey|sugar|salt|milk|butter|egg|turkey|duck|goose|quail|buffalo|elk|deer|moose|bear|rabbit|squirrel|chicken|hen|cactus|ginger|mustard|turnip|potato|pumpkin|melon|garlic) (fork|creek|road|rd|street|county|hollow|river|township|avenue|ave|lane|ridge|crossing|junction|heights|lake|valley|hills?|island|point|bay|falls|springs|mountain|gap|grove|bend|run|bluff|city|coop|festival|fair|season|parade|queen|fryer|burner|roaster|peeler|corer|pitter|stoner|huller|sheller|slicer|press|masher|ricer|strainer|squeezer|juicer|reamer|grinder|cutter|keeper|crates?|picker)\\b|\\bpeach fuzz\\b|\\bsalt shaker\\b|\\bfish kettle\\b|\\bfish(ed|es)? (\\w+ )?out\\b|(?<!\\b(the|of|our|my) )\\bfish(ed|es)? (it|them|the|those|my|any|all) (\\w+ ){0,2}out\\b|\\bdate(d|s)? (it|the|on|and|them|jars?|lids?|labels?)\\b|\\b(and|with|the|label|best[- ]by|to|up to) date\\b"
                    + "|\\bwater[- ]?(bath\\w*|level|line)\\b|\\bboiling[- ]water (bath|canner|process)\\w*|\\b(boiling|simmering|hot) water canner\\b|\\binch(es)? (of )?(hot |simmering |boiling )?water\\b"
                    + "|\\bcover(ed|ing)? (the |all )?(jars|lids|tops)\\b[^.;]{0,24}\\bwater\\b|\\bwater (in|over|above|to cover|covers?|covering|should cover|must cover|is over|comes? over|just covers?) (the )?(jars?|lids?|canner|kettle|pot|tops?)\\b"
                    + "|\\b(hot|warm|soapy|hot,|sudsy) (soapy |sudsy )?water\\b(?=[^.;]{0,30}\\b(jars|lids|wash)\\b)|(?<=\\b(jars|lids|bands|rims?)\\b[^.;]{0,40})\\bwater\\b|\\b(mush|meat)y?[- ]tender\\b|\\bsoup (pot|kettle|spoon|ladle)\\b|\\bstock(ed|ing)? up\\b|\\bstock ?pot\\b|\\bbear in mind\\b|\\b(dear|dear) \\w+\\b"
                    + "|\\bcorn (cobs?|husks?|silk)s?\\b|\\b(apple|pear|peach|tomato|lemon)? ?(cores?|pits?|skins?|peels|peelings|seeds|stems)\\b(?= (out|off|away|removed|slip|and))");

    static final Cue ADD = Cue.of(
            "\\b(add|adds|added|adding|stir in|stirred in|mix in|mixed in|puts? in|putting in|goes in|went in|splash in|glug of|splash of|dab of|dollop of|knob of|spoon(ful)? of|handful of|toss in|tossed in|throw in|threw in|drop in|dropped(?! (to|back|by|below|off|again|out))|drop(?! (to|back|by|below|off|again|out))|fold in|folded in|blend in|blended in|sprinkle|sprinkled|season with|top with|topped with|whisk in|pour in|thicken(ed)? with|dump in|dumped in|(?<!for )use|used(?! to (do|be|make|can|have|put|say|live|go|help)\\b)|include|included|spread|layer of)\\b");

    /** "We add walnuts from the tree". */
    static final Cue WE_ADD = Cue.of(
            "\\b(i|we) (also |always |just |usually |even |then )?(add|added|stir|stirred|mix|mixed|throw|threw|toss|tossed|drop|dropped|slip|slipped|tuck|tucked)( in)? (?!(it|them|up)\\b)(?![^.;]*\\b(when|once|after|before) (i|we) (open|serve|eat|heat|reheat|use))");

    /** Words an "add …" may hold without naming an ingredient. */
    static final Set<String> KITCHEN = Set.of(
            "it",
            "dishwasher",
            "wand",
            "inch",
            "mark",
            "map",
            "website",
            "online",
            "app",
            "phone",
            "calculator",
            "handout",
            "bulletin",
            "directions",
            "instructions",
            "them",
            "this",
            "that",
            "these",
            "those",
            "everything",
            "all",
            "rest",
            "remaining",
            "ingredients",
            "ingredient",
            "both",
            "jar",
            "jars",
            "lid",
            "lids",
            "ring",
            "rings",
            "band",
            "bands",
            "canner",
            "rack",
            "pot",
            "kettle",
            "pan",
            "bag",
            "spices",
            "spice",
            "brine",
            "syrup",
            "liquid",
            "liquids",
            "mixture",
            "mix",
            "solution",
            "marinade",
            "fruit",
            "fruits",
            "vegetable",
            "vegetables",
            "veggies",
            "heat",
            "time",
            "minute",
            "minutes",
            "min",
            "altitude",
            "adjustment",
            "headspace",
            "more",
            "enough",
            "some",
            "little",
            "bit",
            "extra",
            "pulp",
            "seeds",
            "skins",
            "peels",
            "slices",
            "halves",
            "pieces",
            "chunks",
            "cubes",
            "spears",
            "pods",
            "kernels",
            "florets",
            "strips",
            "rounds",
            "wedges",
            "meat",
            "juice",
            "juices",
            "foam",
            "pressure",
            "weight",
            "regulator",
            "burner",
            "stove",
            "timer",
            "towel",
            "spoon",
            "knife",
            "spatula",
            "ladle",
            "freezer",
            "fridge",
            "em",
            "tool",
            "gadget",
            "chopsticks",
            "plastic",
            "refrigerator",
            "icebox",
            "roaster",
            "teakettle",
            "dishpan",
            "sink",
            "drawer",
            "cupboard",
            "closet",
            "basement",
            "shelf",
            "spout",
            "drainer",
            "trash",
            "garbage",
            "cellar",
            "pantry",
            "smokehouse",
            "compost",
            "funnel",
            "mandoline",
            "mandolin",
            "mandolins",
            "grinder",
            "tongs",
            "lifter",
            "thermometer",
            "cloth",
            "cheesecloth",
            "pillowcase",
            "stockpot",
            "saucepot",
            "saucepan",
            "stewpot",
            "stocking",
            "colander",
            "strainer",
            "sieve",
            "food",
            "filling",
            "sauce",
            "jam",
            "jelly",
            "relish",
            "salsa",
            "chutney",
            "butter",
            "pickles",
            "soup",
            "stock",
            "cover",
            "label",
            "date",
            "recipe",
            "method",
            "process",
            "table",
            "guide",
            "book",
            "chart",
            "color",
            "flavor",
            "colour",
            "flavour",
            "taste",
            "sweetness",
            "acid",
            "seasoning",
            "seasonings",
            "herbs",
            "same",
            "one",
            "two",
            "each",
            "half",
            "top",
            "bottom",
            "side",
            "batch",
            "amount",
            "teaspoon",
            "cup",
            "cups",
            "drained",
            "prepared",
            "chopped",
            "cooked",
            "hot",
            "new",
            "clean",
            "flat",
            "mason",
            "care",
            "caution",
            "wide",
            "mouth",
            "quart",
            "pint",
            "quarts",
            "pints",
            "boiling",
            "produce",
            "only",
            "just",
            "when",
            "what",
            "whatever",
            "ones",
            "kind",
            "good",
            "fresh",
            "sterilized",
            "wooden",
            "stainless",
            "enamel",
            "crock",
            "scale",
            "timing",
            "bubbles",
            "air",
            "space",
            "clip",
            "plate",
            "plates",
            "weights",
            "stopper",
            "hairpin",
            "pin",
            "straw",
            "toothpick",
            "skewer",
            "chopstick",
            "pitter",
            "corer",
            "baller",
            "peeler",
            "magnet",
            "scales",
            "apron",
            "gloves",
            "mallet",
            "scissors",
            "shears",
            "fork",
            "tweezers",
            "thimble",
            "brush",
            "huller",
            "sheller",
            "water");

    private Vocabulary() {}
}
