package oilcloth.reading;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oilcloth.measure.Unit;
import oilcloth.text.Token;

/** The names cooks give to units. {@code T} is a tablespoon and {@code t} a teaspoon. */
final class Units {
    /** A unit, and the token after it. */
    record Found(Unit unit, int next) {}

    private static final Map<String, Unit> NAMES = new HashMap<>();

    static {
        put(Unit.TEASPOON, "tsp", "tsps", "teaspoon", "teaspoons", "teaspoonful", "teaspoonfuls", "tspn");
        put(
                Unit.TABLESPOON,
                "tbsp",
                "tbsps",
                "tbs",
                "tb",
                "tblsp",
                "tablespoon",
                "tablespoons",
                "tablespoonful",
                "tablespoonfuls",
                "tbspn");
        put(Unit.CUP, "c", "cup", "cups", "cupful", "cupfuls", "cps");
        put(Unit.PINT, "pt", "pts", "pint", "pints");
        put(Unit.QUART, "qt", "qts", "quart", "quarts");
        put(Unit.GALLON, "gal", "gals", "gallon", "gallons");
        put(Unit.MILLILITRE, "ml", "mls", "cc", "millilitre", "millilitres", "milliliter", "milliliters");
        put(Unit.DECILITRE, "dl", "decilitre", "deciliter");
        put(Unit.LITRE, "l", "lt", "litre", "litres", "liter", "liters");
        put(Unit.OUNCE, "oz", "ozs", "ounce", "ounces");
        put(Unit.POUND, "lb", "lbs", "pound", "pounds", "#");
        put(Unit.GRAM, "g", "gr", "gm", "gms", "gram", "grams", "gramme", "grammes");
        put(Unit.KILOGRAM, "kg", "kgs", "kilo", "kilos", "kilogram", "kilograms");
        put(Unit.SHOT, "shot", "shots", "jigger", "jiggers");
        put(Unit.PINCH, "pinch", "pinches", "dash", "dashes");
        put(Unit.DROP, "drop", "drops");
        put(Unit.CLOVE, "clove", "cloves", "cl");
        put(Unit.HEAD, "head", "heads");
        put(Unit.STALK, "stalk", "stalks", "rib", "ribs");
        put(Unit.SPRIG, "sprig", "sprigs");
        put(Unit.STICK, "stick", "sticks");
        put(Unit.SLICE, "slice", "slices");
        put(Unit.EAR, "ear", "ears");
        put(Unit.PART, "part", "parts");
        put(Unit.BUNCH, "bunch", "bunches");
        put(Unit.HANDFUL, "handful", "handfuls");
        put(Unit.CAN, "can", "cans", "tin", "tins", "jar", "jars", "bottle", "bottles");
        put(
                Unit.PACKAGE,
                "package",
                "packages",
                "pkg",
                "pkgs",
                "packet",
                "packets",
                "pouch",
                "pouches",
                "box",
                "boxes",
                "bag",
                "bags",
                "envelope",
                "envelopes",
                "pack");
        put(Unit.PECK, "peck", "pecks");
        put(Unit.BUSHEL, "bushel", "bushels", "crate", "crates", "lug", "lugs", "basket", "baskets");
    }

    private Units() {}

    private static void put(Unit unit, String... names) {
        for (String name : names) {
            NAMES.put(name, unit);
        }
    }

    static Optional<Found> at(List<Token> tokens, int at) {
        int i = at;
        while (i < tokens.size()
                && (tokens.get(i).is("-")
                        || tokens.get(i).is("heaping")
                        || tokens.get(i).is("scant")
                        || tokens.get(i).is("level")
                        || tokens.get(i).is("rounded")
                        || tokens.get(i).is("good")
                        || tokens.get(i).is("generous")
                        || tokens.get(i).is("full")
                        || tokens.get(i).is("big")
                        || tokens.get(i).is("large")
                                && i + 1 < tokens.size()
                                && NAMES.get(tokens.get(i + 1).norm()) != null)) {
            i++;
        }
        if (i >= tokens.size()) {
            return Optional.empty();
        }
        Token t = tokens.get(i);
        Unit unit;
        if (t.raw().equals("T") || t.raw().equals("Tb") || t.raw().equals("Tbl")) {
            unit = Unit.TABLESPOON;
        } else if (t.raw().equals("t")) {
            unit = Unit.TEASPOON;
        } else if ((t.is("fl") || t.is("fluid")) && i + 1 < tokens.size()) {
            int o = tokens.get(i + 1).is(".") ? i + 2 : i + 1;
            if (o < tokens.size() && NAMES.get(tokens.get(o).norm()) == Unit.OUNCE) {
                return Optional.of(new Found(Unit.FLUID_OUNCE, dot(tokens, o + 1)));
            }
            return Optional.empty();
        } else {
            unit = NAMES.get(t.norm());
        }
        return unit == null ? Optional.empty() : Optional.of(new Found(unit, dot(tokens, i + 1)));
    }

    private static int dot(List<Token> tokens, int i) {
        return i < tokens.size() && tokens.get(i).is(".") ? i + 1 : i;
    }
}
