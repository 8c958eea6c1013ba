package oilcloth.reading;

import java.util.Set;
import java.util.regex.Pattern;

/** Word lists of the kitchen that several readers share. */
final class Vocabulary {
    /** Phrases that hold a food's name and are no ingredient. */
    static final Pattern NO_INGREDIENT = Pattern.compile(
            "\\bbread[- ]and[- ]butter\\b|\\b(apple|pear|peach|plum|fruit|pumpkin|apricot|fig|tomato|quince|squash) butter\\b"
                    + "|\\b(apple|cherry|potato|tomato|egg|corn|pear|peach|bean|carrot|vegetable|garlic|cheese) (peeler|corer|pitter|masher|ricer|slicer|timer|cutter|press|mill|stoner|frencher|brush|scrubber|grater|machine)s?\\b"
                    + "|\\bbutter knife\\b|\\bjelly (bag|jars?|glass(es)?)\\b|\\b(egg|pea|walnut|grape|marble|rice)[- ]?sized?\\b|\\bthe size of an? \\w+"
                    + "|\\bice cream\\b|\\bmilk jugs?\\b|\\bolive green\\b|\\bpeach fuzz\\b|\\bsalt shaker\\b|\\bfish kettle\\b|\\bdate(d|s)? (it|the|on|and|them|jars?|lids?|labels?)\\b|\\b(and|with|the|label|best[- ]by|to|up to) date\\b"
                    + "|\\bwater[- ]?(bath\\w*|level|line)\\b|\\bboiling[- ]water (bath|canner|process)\\w*|\\b(boiling|simmering|hot) water canner\\b|\\binch(es)? (of )?(hot |simmering |boiling )?water\\b"
                    + "|\\bcover(ed|ing)? (the |all )?(jars|lids|tops)\\b[^.;]{0,24}\\bwater\\b|\\bwater (in|over|above|to cover|covers?|covering|should cover|must cover|is over|comes? over|just covers?) (the )?(jars?|lids?|canner|kettle|pot|tops?)\\b"
                    + "|\\b(hot|warm|soapy|hot,|sudsy) (soapy |sudsy )?water\\b(?=[^.;]{0,30}\\b(jars|lids|wash)\\b)|\\b(jars|lids|bands|rims?)\\b[^.;]{0,40}\\bwater\\b|\\b(mush|meat)y?[- ]tender\\b|\\bsoup (pot|kettle|spoon|ladle)\\b|\\bstock ?pot\\b|\\bbear in mind\\b|\\b(dear|dear) \\w+\\b"
                    + "|\\bcorn (cobs?|husks?|silk)s?\\b|\\b(apple|pear|peach|tomato|lemon)? ?(cores?|pits?|skins?|peels|peelings|seeds|stems)\\b(?= (out|off|away|removed|slip|and))");

    /** Sentences about eating, in which a food is company and no ingredient. */
    static final Pattern SERVING = Pattern.compile(
            "\\b(serve|serves|served|serving)\\b|\\b(great|good|delicious|wonderful|lovely|tasty|nice|super) (on|with|over|in|for|as|next to)\\b|\\bgoes? (well |great |good )?(on|with)\\b|\\btastes? (like|just like|of)\\b|\\bover ice cream\\b|\\bon toast\\b"
                    + "|\\b(christmas|thanksgiving|easter|sunday dinner|gifts?|fair|ribbon)\\b|\\buse (it|them|this) (in|on|for|with)\\b|\\breminds\\b|\\b(spread|spoon) (it )?on\\b|\\b(my|our) (grand\\w+|mother|mom|aunt|uncle|neighbo\\w+|husband|kids|family) (loves?|loved|likes?|liked|swears?|grew|grows|has|have|gave)\\b|\\b(tree|garden|orchard|patch|plants?|bush|bushes|farm|market|stand)\\b(?![^.;]{0,20}(add|stir|cups?|pounds))");

    static final Pattern ADD = Pattern.compile(
            "\\b(add|adds|added|adding|stir in|stirred in|stir|mix in|mixed in|put in|toss in|tossed in|throw in|threw in|drop in|dropped|drop|fold in|folded in|blend in|blended in|sprinkle|sprinkled|season with|top with|topped with|whisk in|pour in|thicken(ed)? with|dump in|dumped in|use|used|include|included|spread|layer of)\\b");

    /** Words an "add …" may hold without naming an ingredient. */
    static final Set<String> KITCHEN = Set.of(
            "it", "them", "this", "that", "these", "those", "everything", "all", "rest", "remaining", "ingredients", "ingredient", "both",
            "jar", "jars", "lid", "lids", "ring", "rings", "band", "bands", "canner", "rack", "pot", "kettle", "pan", "bag", "spices", "spice",
            "brine", "syrup", "liquid", "liquids", "mixture", "mix", "solution", "marinade", "fruit", "fruits", "vegetable", "vegetables", "veggies",
            "heat", "time", "minute", "minutes", "min", "altitude", "adjustment", "headspace", "more", "enough", "some", "little", "bit", "extra",
            "pulp", "seeds", "skins", "peels", "slices", "halves", "pieces", "chunks", "cubes", "spears", "pods", "kernels", "florets", "strips",
            "rounds", "wedges", "meat", "juice", "juices", "foam", "pressure", "weight", "regulator", "burner", "stove", "timer", "towel", "spoon",
            "knife", "spatula", "ladle", "funnel", "tongs", "lifter", "thermometer", "cloth", "cheesecloth", "colander", "strainer", "sieve",
            "food", "filling", "sauce", "jam", "jelly", "relish", "salsa", "chutney", "butter", "pickles", "soup", "stock", "cover", "label", "date",
            "recipe", "method", "process", "table", "guide", "book", "chart", "color", "flavor", "colour", "flavour", "taste", "sweetness", "acid",
            "seasoning", "seasonings", "herbs", "same", "one", "two", "each", "half", "top", "bottom", "side", "batch", "amount", "teaspoon", "cup",
            "cups", "drained", "prepared", "chopped", "cooked", "hot", "new", "clean", "flat", "mason", "care", "caution", "wide", "mouth", "quart",
            "pint", "quarts", "pints", "boiling", "produce", "only", "just", "when", "what", "whatever", "ones", "kind", "good", "fresh", "sterilized",
            "wooden", "stainless", "enamel", "crock", "scale", "timing", "bubbles", "air", "space", "water");

    private Vocabulary() {}
}
