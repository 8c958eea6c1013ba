package oilcloth.recipe;

import oilcloth.guide.PracticeRule;
import oilcloth.text.Range;

/** A practice the text describes in words the guide knows. */
public record Practice(PracticeRule rule, Range range) {}
