package oilcloth.server.guide;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Optional;
import oilcloth.formats.PhoneDocument;
import oilcloth.formats.PhoneDocuments;
import oilcloth.server.account.SignedIn;
import oilcloth.server.places.Gazetteer;
import oilcloth.server.places.Place;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Phone questions over HTTP, and their count. */
@RestController
@RequestMapping("/api/phone")
class Phone {
    private static final int LONGEST = 300;

    /** The answer; {@code place} where one was named, whose highest kitchens count. */
    record PhoneAnswered(PhoneDocument answer, Place place) {}

    record LoggedCall(
            @NotBlank @Size(max = LONGEST) String words, @Size(max = 160) String process, Integer altitudeFt) {}

    /** Calls logged so far today and this year. */
    record CallCount(long today, long thisYear) {}

    private final CurrentGuide guide;
    private final Gazetteer gazetteer;
    private final PhoneCallStore calls;
    private final Clock clock;
    private final ZoneId zone;

    Phone(
            CurrentGuide guide,
            Gazetteer gazetteer,
            PhoneCallStore calls,
            Clock clock,
            @Value("${oilcloth.desk.zone}") ZoneId zone) {
        this.guide = guide;
        this.gazetteer = gazetteer;
        this.calls = calls;
        this.clock = clock;
        this.zone = zone;
    }

    @GetMapping
    PhoneAnswered ask(@RequestParam @Size(max = LONGEST) String q) {
        Optional<Place> place = gazetteer.named(q);
        String words = place.map(p -> q.toLowerCase(Locale.ROOT)
                        .replace(p.name().toLowerCase(Locale.ROOT), " " + p.highestFeet() + " ft "))
                .orElse(q);
        return new PhoneAnswered(PhoneDocuments.of(guide.lookup().ask(words), guide.snapshot()), place.orElse(null));
    }

    @PostMapping("/calls")
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public CallCount log(@Valid @RequestBody LoggedCall call, @AuthenticationPrincipal SignedIn by) {
        calls.save(new PhoneCall(
                call.words(),
                call.process(),
                call.altitudeFt(),
                by.displayName(),
                clock.instant().truncatedTo(ChronoUnit.MICROS)));
        return count();
    }

    @GetMapping("/calls")
    @Transactional(readOnly = true)
    public CallCount count() {
        LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
        return new CallCount(
                calls.countByAtGreaterThanEqual(today.atStartOfDay(zone).toInstant()),
                calls.countByAtGreaterThanEqual(
                        today.withDayOfYear(1).atStartOfDay(zone).toInstant()));
    }
}
