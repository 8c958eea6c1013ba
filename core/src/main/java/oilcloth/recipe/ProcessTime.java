package oilcloth.recipe;

import java.util.Optional;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;

/**
 * Minutes in the canner as stated; a range ("10 to 15") is judged by its shorter end.
 *
 * @param jar the jar this time was given for, when the text pairs them
 */
public record ProcessTime(Minutes least, Minutes most, Optional<JarSize> jar) {}
