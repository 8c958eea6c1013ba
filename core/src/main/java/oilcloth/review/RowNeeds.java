package oilcloth.review;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import oilcloth.acidity.AcidPerJar;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Subject;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** What the style and the notes of single processes ask besides time, jar and pressure; asked for where nobody said it. */
final class RowNeeds {
    /**
     * One such thing.
     *
     * @param process how the ids of its processes begin, parted by bars
     * @param jar the jar it is about; empty for all
     * @param when words without which it need not be asked; empty for always
     * @param told what settles it; empty where only an answer does
     * @param question id of the message
     * @param code what it may become
     */
    private record Need(
            String process,
            Optional<JarSize> jar,
            Optional<Cue> when,
            Optional<Predicate<Subject>> told,
            String question,
            String code) {
        /** What in the text raises it; empty where it is asked because nothing was said. */
        List<Range> words(Subject s) {
            return when.flatMap(s.said()::anywhere).map(List::of).orElse(List.of());
        }

        boolean isOpen(Subject s) {
            return s.placement()
                            .first()
                            .filter(p -> Arrays.stream(process.split("\\|")).anyMatch(p.id()::startsWith))
                            .isPresent()
                    && (jar.isEmpty() || s.jars().contains(jar.get()))
                    && (when.isEmpty() || s.said().anywhere(when.get()).isPresent())
                    && told.filter(t -> t.test(s)).isEmpty();
        }
    }

    /** Lemon juice or citric acid that goes to the food, and not on the plate. */
    private static boolean hasAcid(Subject s) {
        return s.recipe().ingredients().stream()
                .map(Ingredient::food)
                .anyMatch(f -> f.isCitrusJuice() || f.name().equals("citric acid"));
    }

    /** As much in every jar as the row has; what the meat was soaked in is poured off. */
    private static boolean hasAcidPerJar(Subject s) {
        return !s.jars().isEmpty()
                && s.jars().stream().allMatch(jar -> AcidPerJar.of(s.recipe(), s.acidRules(), jar)
                        .isEnough());
    }

    private static Predicate<Subject> says(String words) {
        Cue cue = Cue.of(words);
        return s -> s.said().anywhere(cue).isPresent();
    }

    private static Need always(String process, Predicate<Subject> told, String question, String code) {
        return new Need(process, Optional.empty(), Optional.empty(), Optional.of(told), question, code);
    }

    /** Something in the text that no tested row has. */
    private static Need odd(String process, String words, String code) {
        return new Need(process, Optional.empty(), Optional.of(Cue.of(words)), Optional.empty(), "ask.row-form", code);
    }

    private static final String LARGE =
            "\\b(1[6-9]|2[0-3]|sixteen|eighteen|twenty|twenty[- ]two)( to (2\\d|twenty[- ]two))?[- ]*(qt|quart)s?\\b";

    private static final List<Need> NEEDS = List.of(
            always("clams", RowNeeds::hasAcid, "ask.seafood-acid", "acid.missing"),
            always("crab-hot", RowNeeds::hasAcidPerJar, "ask.seafood-acid", "acid.missing"),
            always(
                    "smoked-fish",
                    says("\\b(4|four) (qts?|quarts) (of )?(the )?(cool |cold |tap )*water\\b"),
                    "ask.smoked-water",
                    "time.short"),
            always(
                    "smoked-fish",
                    says(LARGE + "[^.;,]{0,12}\\b(canner|cooker)\\b|\\b(canner|cooker)\\b[^.;]{0,30}" + LARGE),
                    "ask.smoked-canner",
                    "time.short"),
            new Need(
                    "fish-raw",
                    Optional.of(JarSize.QUART),
                    Optional.empty(),
                    Optional.of(
                            says(
                                    "\\b(heat|heated|heating|come|came)[- ]*up\\b[^.;]{0,40}\\bslow|\\bslow\\w*\\b[^.;]{0,40}\\b(heat|up)\\b|\\bheat(ing)?[- ]up (routine|directions|steps|time)")),
                    "ask.fish-quarts",
                    "time.short"),
            new Need(
                    "corn-kernel",
                    Optional.empty(),
                    Optional.of(Cue.of("\\bcobs?\\b|\\bears?\\b")),
                    Optional.of(
                            says(
                                    "\\bcut\\b[^.;]{0,30}\\b(off|from|kernels?|depth|deep)\\b|\\bkernels?\\b|\\boff (of )?the (cob|ear)|\\bscrap\\w+|\\bcream")),
                    "ask.corn-cut",
                    "method.no-process"),
            odd(
                    "meat-chunks",
                    "\\bbone[- ]?in\\b|\\bon the bone\\b|\\b(with|left) the bones? (in|left)\\b|\\bbones? (left )?in\\b|, ground\\b(?! (pepper|cloves|cinnamon|mustard|sage|allspice))",
                    "method.no-process"),
            odd(
                    "asparagus|beans-snap|beans-lima|carrots|corn-kernel|corn-cream|greens|mixed|okra|peas|peppers",
                    "\\bfrozen (ones|green beans|beans|peas|corn|vegetables|veggies|carrots|spinach|okra|limas|asparagus|peppers)\\b|\\b(beans|peas|corn|carrots|spinach|okra|limas|asparagus|peppers),? frozen\\b(?! myself\\?)",
                    "method.no-process"),
            odd(
                    "fish-raw",
                    "(?<!\\bfor )(?<!\\bfor (salmon|fish|tuna) )\\b(patty|patties|cakes?|loaf|flaked|minced|ground)\\b",
                    "method.no-process"),
            // these are tested in water, juice or syrup
            odd(
                    "apples-sliced|apricots|berries|cherries|figs|grape|nectarines|peaches|pears|pineapple|plums",
                    "\\b(no|without( any)?) (added |extra )?(liquid|syrup)\\b(?! (lost|loss|left|on))(?!,? (just|only|but|plain|hot|boiling|in) [^.;,]*\\b(water|juice)\\b)|\\b(dry[- ]pack(ed|ing)?|packed dry)\\b|\\b(in|half|was|is|part) (straight |pure |plain )?(brandy|rum|bourbon|whiske?y|wine|vodka|schnapps|gin|tequila)\\b",
                    "pack.liquid"),
            // the tested row names fatty fish
            odd(
                    "fish-raw",
                    "(?<!\\b(next|last) (year|time|trip|week) )\\b(cod|haddock|halibut|tilapia|flounders?|snapper|sole|bass|bluegills?|crappies?|swordfish|rockfish)\\b(?! (liver|next|last))",
                    "method.no-process"),
            odd(
                    "poultry|meat-chunks",
                    "\\bground (up|fine)\\b|\\b(livers?|kidneys|hearts?|tongues?|gizzards?|giblets)\\b(?![^.;]*\\b(dog|cat|gravy|fr(y|ied)|froze|ate|eats?|likes?|freezer)\\b)",
                    "method.no-process"),
            odd(
                    "pumpkin|white-potatoes|sweet-potatoes|carrots|asparagus|beans-snap|okra",
                    "\\b(roast\\w*|bake|baked|boil|boiled|cook|cooked|steam|steamed|simmer\\w*|microwaved)\\b[^.;]{0,24}(?<!\\b(partly|partially|part|half|almost|barely|not) )\\b(soft|mush\\w*|very tender|falling apart)\\b",
                    "pack.dense"),
            odd(
                    "asparagus|beans-|beets|carrots|corn|greens|okra|peas|peppers|pumpkin|sweet|white-potatoes|poultry|meat-|fish-raw|tuna|tomatoes",
                    "\\b(creamed|breaded|battered|dredged|corned|candied|glazed|barbecued|scalloped|fermented|dehydrated|whipped|au gratin|deep[- ]fried)\\b(?! corn)|\\bsmoked\\b(?! paprika|\\?+ *(no|nope|nah|not)\\b)|\\bdried (first|down|out|in the (sun|oven|dehydrator))\\b",
                    "method.no-process"),
            odd(
                    "meat-|poultry",
                    "\\bstuffed(?= ?([,.;]|$)| (with|sausages?|peppers|cabbage|and browned))|\\b(in|into) casings?\\b",
                    "method.no-process"),
            odd("meat-|poultry", "\\bin (\\w+ )?gravy\\b(?! later)", "ingredient.thickener"),
            odd(
                    "meat-ground",
                    "\\b(no|without( any)?) (liquid|broth|water|juice)\\b(?! (on hand|handy|left|available|in the house|to be had))|\\b(solid|dry) pack",
                    "pack.dry"),
            odd(
                    "corn-kernel",
                    "(?<!\\b(not|never|don't|didn't|without|no|nor|than)\\b[^.;]{0,12})\\bscrap(e|ed|ing)\\b(?! (the )?(seeds|bowl))|\\bmilky\\b",
                    "time.short"),
            odd("soup", "\\b(creamed|silky|strained through|food mill|milled)\\b(?! tomato)", "pack.dense"),
            // tested in pieces; of plain vegetables a mash is another form and is not placed here
            odd(
                    "soup|stock-|succotash|mixed-vegetables|chile-con-carne|poultry|meat-chunks|fish-raw|tuna|clams|oysters|crab|tomatoes-okra",
                    "(?<!\\b(not|never|no|don't|didn't|without)\\b[^.;]{0,16})\\b(mash(ed|es)?(?! (potato|sweet))|pur[eé]e(d|s)?|riced|blend(ed)? (it|them|until|till|smooth|everything|all|the (soup|meat|vegetables|lot))|(in|with|through) (the|a|my) (blender|food processor))\\b(?![^.;]*\\b(when|once|after) (i|we|you|they) (open|serve|eat|heat|use)|[^.;]*\\b(baby|later)\\b)",
                    "pack.dense"),
            odd("pumpkin", "\\b(roasted|baked)\\b(?![^.;]*\\bseeds\\b)", "pack.dense"),
            odd(
                    "peas",
                    "\\b(split|dried)\\b(?! (with|on|in a|dill|herbs?|mint|off|the (jars|rims)))",
                    "method.no-process"),
            odd("fish-raw", "\\bhead and all\\b|\\bheads? (left )?on\\b", "method.no-process"),
            odd(
                    "beets|white-potatoes",
                    "\\b(big|large|huge|jumbo|giant)\\b[^.;]{0,24}\\bwhole\\b|\\bwhole\\b(?!,? ?(and|but|then)? (i |we )?(slic|cut|halv|quarter|cub|dic|chunk)\\w*)[^.;]{0,16}\\b(big|large|huge|jumbo|baseballs?)\\b",
                    "time.short"),
            odd(
                    "peas|beans-lima|corn",
                    "(?<!\\b(not|never|don't|didn't|without|no)\\b[^.;]{0,20})\\b(shook|shake|shaken|shaking|pressed|press|pushed|tamped) ((them|it|the \\w+) down|(down )?(hard|tight))\\b",
                    "time.short"),
            odd("stock-", "\\b(vegetable|veggie|mushroom|onion) (broth|stock)\\b", "method.no-process"));

    private RowNeeds() {}

    static void ask(Subject s, Findings out) {
        NEEDS.stream()
                .filter(n -> n.isOpen(s))
                .forEach(n -> out.ask(new Question(
                        n.question(), Message.of(n.question()), List.of(n.code()), List.of(), n.words(s))));
    }
}
