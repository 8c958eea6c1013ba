package oilcloth.recipe;

import oilcloth.text.Range;

/** Words that were not understood, and whether they could bear on safety. */
public record Unread(Range range, boolean bears) {}
