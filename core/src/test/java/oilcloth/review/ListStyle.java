package oilcloth.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** How people write down what goes in: the list of a retold recipe, in another hand. */
enum ListStyle {
    BULLETS {
        @Override
        String line(Item i) {
            return "- " + i.written();
        }
    },
    BOXES {
        @Override
        String line(Item i) {
            return "[ ] " + i.written();
        }
    },
    BOLD {
        @Override
        String line(Item i) {
            return "- **" + i.amount() + "** " + i.name();
        }
    },
    NAME_FIRST {
        @Override
        String line(Item i) {
            return i.name() + ": " + i.amount();
        }
    },
    NAME_AND_DASH {
        @Override
        String line(Item i) {
            return i.name() + " - " + i.amount();
        }
    },
    LEADERS {
        @Override
        String line(Item i) {
            return i.name() + " ..... " + i.amount();
        }
    },
    TABLE {
        @Override
        String line(Item i) {
            return "| " + i.amount() + " | " + i.name() + " |";
        }
    },
    TABLE_NAME_FIRST {
        @Override
        String line(Item i) {
            return "| " + i.name() + " | " + i.amount() + " |";
        }
    },
    SHORT_UNITS {
        @Override
        String line(Item i) {
            String unit = i.unit()
                    .replaceAll("cups?", "c.")
                    .replace("Tbsp", "T.")
                    .replace("tsp", "t.")
                    .replaceAll("^lb$", "lbs.")
                    .replaceAll("quarts?", "qt.");
            return i.figure() + " " + unit + " " + i.name();
        }
    },
    RUN_TOGETHER {
        @Override
        String line(Item i) {
            return i.figure() + i.unit().replaceAll("cups?", "c").replaceAll("^lb$", "#") + " " + i.name();
        }
    },
    TYPED_FRACTIONS {
        @Override
        String line(Item i) {
            String figure = i.figure();
            for (Map.Entry<String, String> f : FRACTIONS.entrySet()) {
                figure = figure.replaceAll("(?<=\\d) ?" + f.getKey(), "-" + f.getValue())
                        .replace(f.getKey(), f.getValue());
            }
            return figure + " " + i.unit() + " " + i.name();
        }
    },
    WITH_OF {
        @Override
        String line(Item i) {
            return i.unit().isEmpty() ? i.written() : i.amount() + " of " + i.name();
        }
    },
    OUNCES_FOR_POUNDS {
        @Override
        String line(Item i) {
            return i.unit().equals("lb") && i.figure().matches("\\d+")
                    ? Integer.parseInt(i.figure()) * OUNCES + " ounces " + i.name()
                    : i.written();
        }
    },
    CAPITALS {
        @Override
        String line(Item i) {
            return i.written().toUpperCase(Locale.ROOT);
        }
    },
    ONE_SENTENCE {
        @Override
        String list(List<Item> items) {
            return items.stream().map(Item::written).collect(Collectors.joining(", ", "", ".\n"));
        }
    },
    I_TAKE {
        @Override
        String list(List<Item> items) {
            return items.stream().map(Item::written).collect(Collectors.joining(", ", "I take ", ".\n"));
        }
    },
    SLASHES {
        @Override
        String list(List<Item> items) {
            return items.stream().map(Item::written).collect(Collectors.joining(" / ", "", "\n"));
        }
    };

    private static final int OUNCES = 16;
    private static final Map<String, String> FRACTIONS =
            Map.of("½", "1/2", "¼", "1/4", "¾", "3/4", "⅓", "1/3", "⅔", "2/3", "⅛", "1/8");

    private static final Pattern ITEM = Pattern.compile(
            "(?<figure>\\d+ ?[½¼¾⅓⅔⅛]?|[½¼¾⅓⅔⅛])(?: (?<unit>cups?|Tbsp|tsp|lb|oz|quarts?|pints?|cloves?|package|heads?|sticks?|gallons?)\\b)? (?<name>.*)");

    /** One line of the list. */
    record Item(String figure, String unit, String name) {
        String amount() {
            return unit.isEmpty() ? figure : figure + " " + unit;
        }

        String written() {
            return amount() + " " + name;
        }
    }

    /** One line of the list in this hand. */
    String line(Item i) {
        return i.written();
    }

    /** The whole list in this hand. */
    String list(List<Item> items) {
        return items.stream().map(this::line).collect(Collectors.joining("\n", "", "\n"));
    }

    /** A recipe as {@link Retold} writes it, its list between the first two blank lines. */
    String of(String retold) {
        String[] parts = retold.split("\n\n", 3);
        List<Item> items = new ArrayList<>();
        for (String line : parts[1].split("\n")) {
            Matcher m = ITEM.matcher(line);
            if (!m.matches()) {
                throw new IllegalArgumentException("no item: " + line);
            }
            String unit = m.group("unit") == null ? "" : m.group("unit");
            items.add(new Item(m.group("figure"), unit, m.group("name")));
        }
        return parts[0] + "\n\n" + list(items) + "\n" + parts[2];
    }
}
