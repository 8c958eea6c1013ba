package oilcloth.check.ingredient;

import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;
import oilcloth.measure.Volume;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;

/** Jams and jellies: their pectin, their fruit and their sugar. */
final class Preserve {
    private Preserve() {}

    static boolean is(Subject s) {
        return Facts.values(s.facts().forms()).stream().anyMatch(f -> f.equals("jam") || f.equals("jelly"));
    }

    static boolean isPectin(Ingredient i) {
        return i.food().kind() == FoodClass.PECTIN;
    }

    /** Pectin that needs its full sugar: the regular powdered and the liquid. */
    static boolean hasRegularPectin(Subject s) {
        return s.recipe().inJar().stream()
                .filter(Preserve::isPectin)
                .anyMatch(i -> i.food().name().equals("pectin, regular powdered")
                        || i.food().name().equals("pectin, liquid"));
    }

    static boolean hasPectin(Subject s) {
        return s.recipe().inJar().stream().anyMatch(Preserve::isPectin);
    }

    static double fruitCups(Subject s) {
        return s.recipe().inJar().stream()
                .filter(i -> i.food().kind() == FoodClass.FRUIT)
                .mapToDouble(i -> i.leastVolume().map(Volume::cups).orElse(0.0))
                .sum();
    }

    static double sugarCups(Subject s) {
        return s.recipe().inJar().stream()
                .filter(i -> i.food().name().startsWith("sugar"))
                .mapToDouble(i -> i.mostVolume().map(Volume::cups).orElse(0.0))
                .sum();
    }
}
