package oilcloth.check;

/**
 * What a check is, said once.
 *
 * @param code the stable code of the catalogue
 * @param summary what is wrong when it fires, in one line
 * @param rationale why it matters
 * @param source id in the sources table
 */
public record CheckInfo(String code, String summary, String rationale, String source) {
    public Aspect aspect() {
        return Aspect.ofCode(code);
    }
}
