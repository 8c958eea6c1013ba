package oilcloth.server.guide;

import java.time.Instant;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** Phone calls; counted, never listed by caller. */
interface PhoneCallStore extends Repository<PhoneCall, UUID> {
    PhoneCall save(PhoneCall call);

    long countByAtGreaterThanEqual(Instant since);
}
