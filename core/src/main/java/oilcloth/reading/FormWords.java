package oilcloth.reading;

import java.util.List;
import java.util.Set;

/** Words that tell what the food is made into, and how it is cut. */
final class FormWords {
    private FormWords() {}

    /** Forms that name the product outright. */
    static final List<Phrase<String>> FORMS = List.of(
            Phrase.of("\\bpie[- ]filling\\b|\\bmince ?-?meat\\b", "pie-filling"),
            Phrase.of("\\b(freezer|refrigerator) (jam|pickles)\\b", "cold"),
            Phrase.of(
                    "\\b(jams?(?! (as (many|much)|them|it|full|more|tight|in (the|as|more|all)|the (beans|jar)))|preserves?|marmalade|conserve)\\b",
                    "jam"),
            Phrase.of(
                    "(?<!\\b(turned|set|gone|went|turns|sets|goes) )(?<!\\b(to|into|like|almost|practically|all) (a )?)\\bjell(y|ies)\\b(?! (jar|bag|glass|roll|stuff|like|in (there|it|them|the jar)))(?!-like)",
                    "jelly"),
            Phrase.of(
                    "\\b(apple|pear|peach|plum|fruit|pumpkin|apricot|fig|tomato|quince|squash|sweet potato|carrot|cherry|nectarine|rhubarb|mango|cantaloupe|melon|watermelon|banana|pineapple|persimmon|papaya|grape|cranberry|blueberry|strawberry|raspberry|blackberry|berry|crab ?apple) butter\\b",
                    "butter"),
            Phrase.of("\\bspread\\b(?! (on|over|out|the|them|it))", "spread"),
            Phrase.of("\\bketchup|\\bcatsup", "ketchup"),
            Phrase.of("\\btaco sauce", "taco-sauce"),
            Phrase.of("\\bhot sauce|\\bpepper sauce", "hot-sauce"),
            Phrase.of("\\b(spaghetti|pasta|marinara|pizza|meat) sauce|\\bmarinara\\b", "pasta-sauce"),
            Phrase.of("\\bsalsas?\\b|\\bpico de gallo", "salsa"),
            Phrase.of("\\brelish(es)?\\b|\\bpiccalilli|\\bchow[- ]?chow", "relish"),
            Phrase.of("\\bchutneys?\\b", "chutney"),
            Phrase.of("\\bbrandied\\b", "brandied"),
            Phrase.of("\\bbread[- ]and[- ]butter", "pickle"),
            Phrase.of(
                    "\\bpickl(e|es|ed|ing)\\b(?!( and canning)? (salt|spices?|lime|vinegar|crisp|cucumbers?|cukes?|onions?|jars?|ones?|section|season))|\\bdill(y|ed) (beans|okra|asparagus|carrots|green beans|spears)|\\bgherkins\\b|\\bmarinated\\b|\\bslaw\\b|\\bdills\\b|(?<!\\b(wip(e|es|ed|ing)|towel|rag|cloth|napkin)\\b[^.;]{0,30} )(?<!\\brins(e|es|ed|ing)\\b[^.;,]{0,24} )\\bin vinegar\\b|\\bescabeche\\b|\\bgiardiniera\\b",
                    "pickle"),
            Phrase.of("\\b(sauer)?kraut\\b", "kraut"),
            Phrase.of(
                    "(?<!(?<!\\b(recipe|directions|instructions|process|(?<!\\b(this|that|next|last|first|second|one|same|the) )times?) )\\bfor )(?<!\\bfor (the|winter|making) )(?<!\\blike (a |thin |weak |watery )?)\\b(soup|stew|chowder|borscht|gumbo)s?\\b(?! (bones|pot|spoon|bowl|kettle|meat|beef|cubes|chunks|pieces|size|hen))",
                    "soup"),
            Phrase.of(
                    "\\bchill?[ie] con carne|\\b(beef|venison|turkey|my|our) (first |own |famous |plain |pressure |canned )*chili\\b|^chili\\b|\\b(this|(batch|pot|pints|quarts|jars) of|homemade|(made|make|making|canned|can|canning|cooked|tried|try|put up|this is|here is|here's)( (a|the|some|our|my|up|your|guide's|big|small|plain|batch|pot|of))*|(book|guide|booklet|leaflet|sheet)'s) chili\\b(?! (powder|peppers?|chiles?|sauce|relish|salsa|verde|flakes|beans|paste|seasoning))",
                    "chili"),
            Phrase.of(
                    "\\bcider\\b(?! vinegar)|(?<!\\bin )(?<!\\bin tomato )(?<!\\bin their own )(?<!\\bown )(?<!\\bin apple )(?<!grape )(?<!white grape )(?<!lemon )(?<!lime )(?<!pineapple )(?<!fruit )(?<!orange )(?<!\\bin the )\\bjuice\\b|\\bgrape juice\\b",
                    "juice"),
            Phrase.of(
                    "(?<!light )(?<!medium )(?<!heavy )(?<!thin )(?<!sugar )(?<!\\bin )(?<!hot )(?<!simple )(?<!\\bown )(?<!boiling )(?<!the )(?<!corn )(?<!maple )(?<!quarts )(?<!pints )(?<!jars )(?<!pack )\\bsyrup\\b",
                    "syrup"),
            Phrase.of("\\bsauce\\b|\\bapplesauce\\b|\\bpearsauce\\b", "sauce"),
            Phrase.of(
                    "\\bpuree\\b|\\bbaby food\\b|\\b(pear|peach|apricot|rhubarb|berry|fruit|nectarine|quince|cherry|blueberry) ?sauce\\b",
                    "puree"),
            Phrase.of("\\b(stock|broth)\\b(?![ -]?pots?\\b)", "stock"),
            Phrase.of("\\bcrushed\\b", "crushed"),
            Phrase.of(
                    "\\b(whole|halved|halves|quartered|quarters|sliced|slices|chunks|cubes|cubed|pieces|spears|strips)\\b",
                    "pieces"));

    /** Forms worth hearing in the body too; the others are only heard in the title ("syrup" may just cover the fruit). */
    private static final Set<String> BODY_FORMS = Set.of(
            "pie-filling",
            "jam",
            "jelly",
            "ketchup",
            "taco-sauce",
            "pasta-sauce",
            "salsa",
            "relish",
            "chutney",
            "pickle",
            "kraut",
            "soup",
            "chili",
            "butter");

    static final List<Phrase<String>> HEARD_IN_BODY =
            FORMS.stream().filter(f -> BODY_FORMS.contains(f.value())).toList();

    static final List<Phrase<String>> STYLES = List.of(
            Phrase.of("\\bcrush(ed|ing)?\\b[^.;]{0,40}|\\bcrush\\b", "crushed"),
            Phrase.of(
                    "\\b(halve|halved|halves|left whole|leave (them )?whole|keep (them )?whole|whole (or halved |peeled |small |raw )?(tomato|peaches|pears|plums|figs)\\w*|cut in half|cut in halves)\\b",
                    "pieces"),
            Phrase.of(
                    "\\b(food mill|foley|sieve[ds]?|strainer|run (through|thru)|put (through|thru)|(through|thru) (the|a|my) (mill|sieve|strainer)|pureed?|blend(ed|er|ing)?\\b(?! of)|smooth paste|(processor|processed|whirred|run) (un)?til+ smooth|whizz?(ed)?|liquef(y|ied)|riced|mash(ed)?|masher|immersion blender|stick blender)\\b",
                    "milled"),
            Phrase.of(
                    "\\b(across|on|over|down|from|past|through|with) (the|a|my) ((box|hand|old|cheese) )?(grater|shredder|ricer)\\b|(?<!\\b(ginger|ginger root|horseradish|garlic|onions?|nutmeg|lemon|lime|orange|zest|peel|rind),? ?[-–(]? ?)\\b(whipped|grated|shredded|minced|cooked? down|thick paste|to a paste)\\b(?! (fresh |peeled )?(ginger|horseradish|garlic|onions?|nutmeg|lemon|lime|orange|zest|peel|rind|meat|beef|pork))",
                    "fine"),
            Phrase.of(
                    "\\bground up\\b|\\b(elk|deer|venison|moose|beef) ?burger\\b|\\bground (it|them|the meat) |\\bground (beef|pork|venison|meat|turkey|chuck|deer|elk|lamb|veal|chicken|sausage)|\\bhamburger\\b|\\b(meat ?balls|patties)\\b|\\bminced meat\\b|\\bsausage\\b",
                    "ground"),
            Phrase.of("\\b(i|we|they|you|to) juiced? (our|the|my|your|them|it|all)\\b", "juice"),
            Phrase.of("\\b(chunks|cubes|cubed|strips|stew(ing)? meat|stew beef)\\b", "pieces"),
            Phrase.of(
                    "(?<!\\boff the )\\bbone[- ]in\\b|\\b(with|w ?/) ?(the )?bones?\\b(?! removed)|\\bon the bone\\b|\\bbones? (left )?in(?= ?[.,;:)]| (and|the)\\b)",
                    "bone-in"),
            Phrase.of(
                    "\\bboneless\\b|\\bno bones\\b|\\bde-?boned\\b|\\bboned\\b|\\bwithout (the )?bones?\\b|\\bbones?( and [a-z]+){0,3} (were |are |was )?(removed|cut (away|out)|picked (out|off)|taken out|pulled out|discarded)\\b(?!\\?)|\\boff the bones?\\b|\\bremove (the |all )?bones\\b",
                    "boneless"),
            Phrase.of("\\bsmoked\\b(?! paprika)", "smoked"),
            Phrase.of("\\bcream[- ]style\\b|\\bcreamed corn\\b", "cream-style"),
            Phrase.of("\\bbaked beans\\b", "baked-beans"),
            Phrase.of("\\b(molasses|tomato) sauce\\b|\\bpork and beans\\b", "sauced-beans"));
}
