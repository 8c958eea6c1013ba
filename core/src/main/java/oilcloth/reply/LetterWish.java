package oilcloth.reply;

import java.time.ZoneId;
import java.util.function.Function;
import java.util.function.Predicate;
import oilcloth.check.Finding;
import oilcloth.check.Language;
import oilcloth.correcting.Corrections;
import oilcloth.review.Review;

/**
 * How a letter is to be written.
 *
 * @param name how to greet the canner; blank for nobody in particular
 * @param zone in which deadlines are said
 * @param corrections what can be done about one recipe
 * @param setAside findings the desk does not want in the letter; the call stays as it is
 */
public record LetterWish(
        String name,
        Language language,
        ZoneId zone,
        Function<Review, Corrections> corrections,
        Predicate<Finding> setAside) {}
