package oilcloth.guide;

import java.util.Arrays;

/** The class a food belongs to in the foods table, and what that means for the checks. */
public enum FoodClass {
    VEGETABLE("vegetable", true),
    ROOT("root", true),
    LEGUME("legume", true),
    TOMATO("tomato", true),
    PEPPER("pepper", true),
    ALLIUM("allium", true),
    FRUIT("fruit", true),
    NUT("nut", true),
    MEAT("meat", true),
    SEAFOOD("seafood", true),
    FRESH_HERB("herb-fresh", false),
    DRY_HERB("herb-dry", false),
    DRY_SPICE("spice-dry", false),
    ACID("acid", false),
    ALCOHOL("alcohol", false),
    DAIRY("dairy", false),
    EGG("egg", false),
    STARCH("starch", false),
    THICKENER("thickener", false),
    FAT("fat", false),
    WATER("water", false),
    SWEETENER("sweetener", false),
    SALT("salt", false),
    PECTIN("pectin", false),
    FIRMING("firming", false),
    FLAVORING("flavoring", false),
    OTHER("other", false);

    private final String id;
    private final boolean produce;

    FoodClass(String id, boolean produce) {
        this.id = id;
        this.produce = produce;
    }

    /** True for what a jar is mainly filled with: vegetables, fruit, meat, fish. */
    public boolean isProduce() {
        return produce;
    }

    /** True for what may always be changed or left out: dry herbs and spices. */
    public boolean isDrySeasoning() {
        return this == DRY_HERB || this == DRY_SPICE;
    }

    static FoodClass ofId(String id) {
        return Arrays.stream(values())
                .filter(c -> c.id.equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("unknown food class " + id));
    }
}
