package oilcloth.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import oilcloth.guide.Food;
import oilcloth.text.Range;

/**
 * The recipe as read, with what was asserted laid over it.
 *
 * @param text the text shown; every range points into it
 * @param title the line that names the recipe
 * @param titleFoods foods named in the title, which are not thereby ingredients
 * @param passedOver words about another dish than this one
 */
public record Recipe(
        String text,
        Optional<Range> title,
        List<Food> titleFoods,
        List<Ingredient> ingredients,
        Facts facts,
        List<Practice> practices,
        List<Unread> unread,
        List<Range> passedOver) {
    public Recipe {
        passedOver = List.copyOf(passedOver);
        ingredients = List.copyOf(ingredients);
        practices = List.copyOf(practices);
        unread = List.copyOf(unread);
    }

    /** The text without the blanks that stand for what is before it in a letter. */
    public String words() {
        return text.stripLeading();
    }

    public Recipe withIngredients(List<Ingredient> others) {
        return new Recipe(text, title, titleFoods, others, facts, practices, unread, passedOver);
    }

    public Recipe withUnread(List<Unread> others) {
        return new Recipe(text, title, titleFoods, ingredients, facts, practices, others, passedOver);
    }

    /** With words struck: they are blank in the text, so that every range stays true, and nothing read from them counts. */
    public Recipe struck(Range words) {
        String blank = text.substring(0, words.start())
                + " ".repeat(words.end() - words.start())
                + text.substring(words.end());
        return new Recipe(
                blank,
                title,
                titleFoods,
                ingredients,
                facts,
                practices.stream().filter(p -> !p.range().overlaps(words)).toList(),
                unread.stream().filter(u -> !u.range().overlaps(words)).toList(),
                passedOver);
    }

    public Recipe withFacts(Facts others) {
        return new Recipe(text, title, titleFoods, ingredients, others, practices, unread, passedOver);
    }

    /** As it stands behind so many blanks. @param by 0 or more */
    public Recipe moved(int by) {
        return in(" ".repeat(by) + text, r -> r.shift(by));
    }

    /**
     * The same, told at other places of another text.
     *
     * @param place where what stood at a range of this text stands in the other
     */
    public Recipe in(String other, UnaryOperator<Range> place) {
        return new Recipe(
                other,
                title.map(place),
                titleFoods,
                ingredients.stream().map(i -> i.moved(place)).toList(),
                facts.moved(place),
                practices.stream().map(p -> p.moved(place)).toList(),
                unread.stream().map(u -> u.moved(place)).toList(),
                passedOver.stream().map(place).toList());
    }

    /** The ingredients that end up in the jar. */
    public List<Ingredient> inJar() {
        List<Ingredient> inJar = new ArrayList<>(ingredients.size());
        for (Ingredient i : ingredients) {
            if (!i.aside()) {
                inJar.add(i);
            }
        }
        return inJar;
    }

    public List<Ingredient> acids() {
        List<Ingredient> acids = new ArrayList<>();
        for (Ingredient i : ingredients) {
            if (!i.aside() && i.food().isAcidulant()) {
                acids.add(i);
            }
        }
        return acids;
    }
}
