package oilcloth.reading;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import oilcloth.guide.Food;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Lexicon;
import oilcloth.guide.Pack;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Facts;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** Hears what an educator is asked on the phone: a handful of words in any order, not a text. */
public final class QuestionReader {
    private static final int LEAST_BARE_FEET = 100;

    private static final List<Phrase<JarSize>> JARS = List.of(
            Phrase.of(
                    "\\b(half|1/2|½)[- ]?(pints?|pts?)\\b|\\bjelly (jars?|glass(es)?)\\b|\\b8[- ]?(oz|ounces?)\\b",
                    JarSize.HALF_PINT),
            Phrase.of("\\b(quarter|1/4|¼)[- ]?(pints?|pts?)\\b|\\b4[- ]?(oz|ounces?)\\b", JarSize.QUARTER_PINT),
            Phrase.of("\\b12[- ]?(oz|ounces?)\\b", JarSize.TWELVE_OUNCE),
            Phrase.of(
                    "\\b(1 1/2|1½|one and a half|24[- ]?(oz|ounces?))[- ]?(pints?|pts?)?\\b|\\bpint and a half\\b",
                    JarSize.PINT_AND_HALF),
            Phrase.of("\\b(half|1/2|½)[- ]?(gallons?|gals?)\\b|\\b64[- ]?(oz|ounces?)\\b", JarSize.HALF_GALLON),
            Phrase.of(
                    "\\b(quarts?|qts?)\\b|\\b32[- ]?(oz|ounces?)\\b|\\b(1|one) ?(litres?|liters?|l)\\b", JarSize.QUART),
            Phrase.of(
                    "\\b(pints?|pts?)\\b|\\b16[- ]?(oz|ounces?)\\b|\\b500 ?ml\\b|\\bhalf[- ](litres?|liters?)\\b",
                    JarSize.PINT),
            Phrase.of("\\b(gallons?|gals?)\\b", JarSize.GALLON));
    private static final List<Phrase<Pack>> PACKS = List.of(
            Phrase.of("\\b(raw|cold|uncooked)\\b", Pack.RAW),
            Phrase.of(
                    "\\bhot\\b(?![- ](peppers?|sauce|salsa|chil|water|italian|banana|chow))|\\bprecooked\\b",
                    Pack.HOT));
    private static final List<Phrase<String>> LIQUIDS = List.of(
            Phrase.of(
                    "\\b(no|without|w/o)( (any|added|extra))? (liquid|water|juice)\\b|\\bnothing (else )?(added|in)\\b|\\b(in )?(their|its|the|own) own juices?\\b|\\bown juice\\b|\\bdry ?pack",
                    "none"),
            Phrase.of("\\b(in|with|covered in|and) (hot |boiling )?(tomato )?juice\\b|\\bjuice pack", "juice"),
            Phrase.of(
                    "\\b(in|with|covered (in|with)) (hot |boiling |plain )?water\\b(?![- ]?bath)|\\bwater[- ]?pack|\\badded water\\b",
                    "water"));
    private static final List<Phrase<CanningMethod>> METHODS = List.of(
            Phrase.of("\\bsteam(er)?([- ]?cann\\w*)?\\b(?!ed)", CanningMethod.STEAM),
            Phrase.of(
                    "\\bpressure\\b|\\bpsi\\b|\\bweight(ed|s)?\\b|\\bdial\\b|\\bjiggler\\b|\\brocker\\b|\\b\\d+ ?(lbs?|#|pounds?)\\b|\\bp\\.?c\\.?\\b(?!\\w)",
                    CanningMethod.PRESSURE),
            Phrase.of(
                    "\\b(water|hot|boiling)[- ]?bath\\w*|\\bwaterbath\\w*|\\bboiling([- ]water)?\\b|\\bb?wb[cp]?\\b",
                    CanningMethod.BOILING_WATER));
    private static final List<Phrase<Gauge>> GAUGES = List.of(
            Phrase.of("\\bweight(ed|s)?\\b|\\bjiggler\\b|\\brocker\\b", Gauge.WEIGHTED),
            Phrase.of("\\bdial\\b", Gauge.DIAL));

    private static final Cue WITHOUT = Cue.of("\\b(without|w/o|no)\\b|\\bsugar[- ]?free\\b|\\bmeatless\\b");
    private static final Cue BREAD_AND_BUTTER = Cue.of("\\bbread[- ](and|&|n)[- ]butters?\\b");
    private static final Cue FEET = Cue.of("(\\d[\\d,]*)\\s*(ft\\b|feet\\b|foot\\b|'|′)");
    private static final Cue METRES = Cue.of("(\\d[\\d,]*)\\s*(m|metres?|meters?|masl)\\b");
    private static final Cue THOUSANDS = Cue.of("\\b(\\d{1,2}(?:\\.\\d)?)\\s?k\\b");
    private static final Cue BARE = Cue.of(
            "(?<![\\d.,/])(\\d{1,2},\\d{3}|\\d{3,5})(?![\\d.,/%])(?!\\s*(psi|lb|pounds?|min|g\\b|grams?|oz|ounces?|ml\\b))");
    private static final Cue SEA_LEVEL = Cue.of("\\bsea[- ]level\\b");
    private static final Cue MILE_HIGH = Cue.of("\\b(a )?mile (high|up)\\b");
    private static final Set<String> STOP = Set.of(
            """
            a about added altitude an and are at bath be boiling by caller can canned canner
            canning d did do does elevation feet foot for fresh from ft gauge have he here
            high home how i if in is it jar jars just k lb lbs level live
            lives ll long m many meters method metres mile minute minutes much my need needs no
            of on or our own pack packed plain please pound pounds process processed processing psi put
            re s sea she should size some the their them they this time to up use
            using want wants water we what whats when whole will with would you your"""
                    .split("\\s+"));

    private final GuideSnapshot guide;
    private final PhraseFacts phrases = new PhraseFacts();

    public QuestionReader(GuideSnapshot guide) {
        this.guide = guide;
    }

    public Spoken hear(String words) {
        Sentence s = new Sentence(words, new Range(0, words.length()), false);
        Draft draft = new Draft();
        phrases.read(s, draft, true);
        String low = s.low();
        return new Spoken(
                foods(s.tokens()),
                Facts.values(draft.facts.forms()),
                first(JARS, low),
                first(PACKS, low),
                first(LIQUIDS, low),
                first(METHODS, low),
                first(GAUGES, low),
                altitude(low, s),
                WITHOUT.in(low),
                rest(low));
    }

    private List<Food> foods(List<Token> tokens) {
        Set<Food> foods = new LinkedHashSet<>();
        for (int i = 0; i < tokens.size(); i++) {
            Optional<Lexicon.Match> match = guide.lexicon().at(tokens, i);
            if (match.isPresent()) {
                foods.add(match.get().food());
                i += match.get().length() - 1;
            }
        }
        return List.copyOf(foods);
    }

    private static <T> Optional<T> first(List<Phrase<T>> all, String low) {
        return all.stream()
                .filter(p -> p.pattern().matcher(low).find())
                .map(Phrase::value)
                .findFirst();
    }

    private static Optional<Altitude> altitude(String low, Sentence s) {
        if (MILE_HIGH.in(low)) {
            return Optional.of(Altitude.ofFeet(5_280));
        }
        if (SEA_LEVEL.in(low)) {
            return Optional.of(Altitude.ofFeet(0));
        }
        Matcher feet = FEET.matcher(low);
        if (feet.find()) {
            return inRange(number(feet.group(1)), false);
        }
        Matcher metres = METRES.matcher(low);
        if (metres.find()) {
            return inRange(number(metres.group(1)), true);
        }
        Matcher thousands = THOUSANDS.matcher(low);
        if (thousands.find()) {
            return inRange((int) Math.round(Double.parseDouble(thousands.group(1)) * 1000), false);
        }
        Matcher bare = BARE.matcher(low);
        while (bare.find()) {
            int figure = number(bare.group(1));
            if (figure >= LEAST_BARE_FEET) {
                return inRange(figure, false);
            }
        }
        return spoken(s);
    }

    /** "fifty-two hundred feet", "six thousand". */
    private static Optional<Altitude> spoken(Sentence s) {
        for (int i = 0; i < s.size(); i++) {
            if (s.token(i).isWord()) {
                Optional<Numbers.Figure> f = Numbers.at(s.tokens(), i);
                if (f.isPresent() && f.get().low() >= LEAST_BARE_FEET) {
                    boolean metres =
                            s.is(f.get().next(), "metres") || s.is(f.get().next(), "meters");
                    return inRange((int) f.get().high(), metres);
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Altitude> inRange(int figure, boolean metres) {
        if (figure > (metres ? Altitude.HIGHEST_FEET / 3 : Altitude.HIGHEST_FEET)) {
            return Optional.empty();
        }
        return Optional.of(metres ? Altitude.ofMetres(figure) : Altitude.ofFeet(figure));
    }

    private static int number(String digits) {
        String plain = digits.replace(",", "");
        return plain.length() > 6 ? Integer.MAX_VALUE : Integer.parseInt(plain);
    }

    /** What no facet accounts for: names of recipes, styles, and what was not understood. */
    private List<String> rest(String low) {
        String left = BREAD_AND_BUTTER.matcher(low).replaceAll(Spoken.BREAD_AND_BUTTER);
        for (List<? extends Phrase<?>> facet : List.of(JARS, PACKS, LIQUIDS, METHODS, GAUGES)) {
            for (Phrase<?> phrase : facet) {
                left = phrase.pattern().matcher(left).replaceAll(" ");
            }
        }
        List<String> rest = new ArrayList<>();
        List<Token> tokens = Tokens.of(left, new Range(0, left.length()));
        for (int i = 0; i < tokens.size(); i++) {
            Token token = tokens.get(i);
            if (!token.isWord()
                    || STOP.contains(token.norm())
                    || Numbers.at(tokens, i).isPresent()) {
                continue;
            }
            // "bread" and "butter" name pickles as well as foods; what cannot fill a jar may be part of a name
            Optional<Lexicon.Match> food = guide.lexicon().at(tokens, i);
            if (food.isPresent() && Spoken.isAskedAbout(food.get().food())) {
                i += food.get().length() - 1;
            } else {
                rest.add(token.norm());
            }
        }
        return rest;
    }
}
