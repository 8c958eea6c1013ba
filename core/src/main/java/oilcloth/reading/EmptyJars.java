package oilcloth.reading;

import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Jars boiled before they are filled, whose minutes are not the canner's. */
final class EmptyJars {
    private static final Cue STERILISE = Cue.of(
            "\\bjars (were |are )?boiled (for )?(about |a full )?\\w+ ?-? ?(minutes?|mins?)[^.;]{0,16}\\b(kept|held) hot\\b|\\bboil(ed|ing)? (them |the jars |for |about )?(\\w+ ?-? ?)?(minutes?|mins?) (first|before ?(hand)?\\b(?! (i|we|you|they|eat|serv))|ahead)\\b|\\bsterili[sz]|\\bempty ((pint|quart|half[- ]pint|jelly|canning|mason|clean|hot) )*(jars|pints|quarts|half[- ]pints|glasses)\\b|\\bboil(ed|ing)? (the |my |your |our )?((pint|quart|half[- ]pint|jelly|canning|mason|clean) )*(jars|pints|quarts|half[- ]pints) (for )?(about |a full )?\\w+ ?-? ?(minutes?|mins?) (first|before ?hand|ahead|before (filling|they|i|we))\\b|\\bwash(ed)? (the |your |my )?jars|\\bboil(ed|ing)? (the |your |my |our )?((clean|empty|washed) )+((pint|quart|half[- ]pint|jelly|canning|mason) )*(jars|pints|quarts|half[- ]pints|glasses)\\b(?![^.;]{0,40}\\b(process|lids on|filled))|\\bboil (the |your |my )?(clean |empty )?jars\\b(?![^.;]{0,40}\\b(process|lids on|filled))");
    /** "Boil the jars 20 minutes" once they are filled: only these words make them empty ones. */
    private static final Cue EMPTY_ONES =
            Cue.of("\\bsterili[sz]|\\b(empty|clean|wash(ed)?|first|before ?(hand)?|ahead|needed|ready)\\b");

    /** "I boiled the pint jars ten minutes first, filled them … and processed 5 minutes". */
    private static final Cue FIRST = Cue.of("(first|before ?hand|ahead)\\b");

    private static final Cue FILLED_FIRST = Cue.of(
            "\\b(fill|pack|ladle|pour|spoon|funnel|jar)(s|ed|led)?\\b.*\\b(boil|boiled|boiling) (the |those |all |these |my )*(jars|pints|quarts|half[- ]pints)\\b");
    /** Minutes; nobody boils empty jars longer, at any altitude. */
    private static final int LONGEST_STERILISING = 25;

    private static final Cue FILLED_JARS = Cue.of("\\b(filled|full|sealed|closed|capped) (jars|pints|quarts)\\b");

    /** Nobody covers empty jars by the inch once others are filled. */
    private static final Cue UNDER_WATER = Cue.of("\\bunder water\\b|\\binch(es)? of water\\b|\\binch(es)? over\\b");

    /** "Sterilized 10 minutes in boiling water": told of the jars themselves, and not of what they were before. */
    private static final Cue STERILISED = Cue.of(
            "\\bsterili[sz](ed|e|es|ing) ((them|it|in|by|for|about|at least|a full|(the|my|all the) (jars|quarts|pints|glasses)) )*$");

    private static final Cue CANNER_NEXT = Cue.of("(in )?(a |the )?(boiling (-  ?)?water|water|bwb|bwc|wb|bw|canner)");

    private EmptyJars() {}

    /** Whether the time at a token is that of empty jars. */
    static boolean areBoiled(Sentence s, Draft draft, int i, TimeSpan d) {
        return d.most() <= LONGEST_STERILISING
                && STERILISE.in(Steps.around(s, i))
                && !s.has(FILLED_JARS)
                && !(draft.filled && s.has(FILLED_FIRST) && !s.has(EMPTY_ONES))
                && !((draft.filled || draft.facts.headspace().isPresent()) && s.has(UNDER_WATER))
                && !draft.inCanner
                && (!namesProcess(s, i) || s.opensAt(d.next(), 2, FIRST))
                && (!s.opensAt(d.next(), 4, CANNER_NEXT) || s.isBefore(i, 7, STERILISED));
    }

    /** Whether the canner is told of too; of empty jars it is enough that their own clause does not. */
    private static boolean namesProcess(Sentence s, int i) {
        Range told = EMPTY_ONES.in(Steps.around(s, i)) ? Steps.at(s, i) : s.range();
        for (int k = 0; k < s.size(); k++) {
            String word = s.token(k).norm();
            if (TimeWords.PROCESS.contains(word)
                    && !word.equals("can")
                    && !word.equals("canning")
                    && told.contains(s.token(k).range())) {
                return true;
            }
        }
        return false;
    }
}
