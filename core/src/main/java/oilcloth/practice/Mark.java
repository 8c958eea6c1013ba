package oilcloth.practice;

import java.util.Optional;
import oilcloth.text.Range;

/**
 * What somebody marked: a thing that is wrong, by its code.
 *
 * @param at the words they marked; empty for what is not said in the text
 * @param correction what they would do, in their words; not scored
 */
public record Mark(String code, Optional<Range> at, String correction) {}
