package oilcloth.reading;

import oilcloth.text.Cue;

/** Talk of what will be canned another time, where foods are named that are in no jar of this batch. */
final class AnotherTime {
    /** "I'm doing tomatoes next", "corn is next on my list". */
    static final Cue CUE = Cue.of(
            "\\b(do|doing|try|trying|can|canning|make|making|put up|start|starting)\\b[^.,;0-9]{2,30}\\b(next( (week|year|month|time|summer))?|later|tomorrow|after this|this weekend)\\b(?! (add|stir|put|cook))"
                    + "|\\bnext (on|up on) (my|the|our) list\\b|\\bstill have [^.;0-9]{2,24} to (do|can|put up|pick|get to)\\b"
                    + "|\\b(may|might|want to|hope to|plan to|planning to|going to|thinking of|like to) (try|trying|do|doing|can|canning|make|making|put up|putting up)\\b(?![^.;]*\\b(with|add|adding|into|instead)\\b)");

    /** "You were kind enough to look at my carrots last year". */
    static final Cue BEFORE = Cue.of(
            "\\b(you|i)\\b[^.;]{0,40}\\b(look(ed)? (at|over)|review(ed)?|check(ed)?|help(ed)?|answer(ed)?|ask(ed)?|wrote|sent|question|called|talked)\\b[^.;]{0,40}\\b(last|previous) (year|summer|fall|spring|winter|season)\\b");

    private AnotherTime() {}
}
