package oilcloth.check;

/** One thing that can be wrong. Stateless and pure; it looks at a subject and says what it found. */
public interface Check {
    CheckInfo info();

    void look(Subject subject, Findings out);

    /** True for a check that weighs what the others found; it looks after them. */
    default boolean looksLast() {
        return false;
    }
}
