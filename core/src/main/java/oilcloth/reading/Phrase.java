package oilcloth.reading;

import oilcloth.text.Cue;

/** Words, and what they say. */
record Phrase<T>(Cue pattern, T value) {
    static <T> Phrase<T> of(String regex, T value) {
        return new Phrase<>(Cue.of(regex), value);
    }
}
