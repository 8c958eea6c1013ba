package oilcloth.reading;

/** Patterns of words around a figure that those share who ask whether it is sure. */
final class HedgeWords {
    /** Between the hedge and its figure. */
    static final String ABOUT = " (about |a |an |the |that |full |of |around )*";

    static final String FIGURE =
            "(\\d|[½¼¾⅓⅔⅛]|half|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred)";

    /** Between the figure and a hedge behind it. */
    static final String SIGNS = " ?[,;(–—-]* ?";

    /** What of its measure the figure's own words leave out. */
    static final String UNIT = "( ?(min\\w*|psi|lbs?|pounds?|ft|feet)\\b|[a-z]{0,5})?[.'#]?";

    static final String MAYBE = "maybe|perhaps|possibly|probably";

    static final String MORE =
            "at least|more than|over|upwards of|better than|a generous|generous|heap(ing|ed)|rounded|a good|(close|nearer) to (double|twice)";

    /** Letters on either side of a figure in which they stand. */
    static final int NEAR = 48;

    private HedgeWords() {}
}
