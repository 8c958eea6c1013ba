package oilcloth.server.season;

import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import oilcloth.check.CheckInfo;
import oilcloth.check.Registry;
import oilcloth.server.guide.CurrentGuide;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Counts a season. */
@Service
class Season {
    private static final int TOP = 10;
    private static final int TEACH = 3;

    private static final String WITHIN = " where c.created_at >= :from and c.created_at < :to ";

    private final NamedParameterJdbcTemplate database;
    private final CurrentGuide guide;
    private final ZoneId zone;

    Season(NamedParameterJdbcTemplate database, CurrentGuide guide, @Value("${oilcloth.desk.zone}") ZoneId zone) {
        this.database = database;
        this.guide = guide;
        this.zone = zone;
    }

    /** @param to the last day, itself included */
    @Transactional(readOnly = true)
    SeasonController.SeasonDoc between(LocalDate from, LocalDate to) {
        if (to.isBefore(from)) {
            throw new IllegalArgumentException("The season ends before it begins.");
        }
        MapSqlParameterSource given = new MapSqlParameterSource()
                .addValue("from", Timestamp.from(from.atStartOfDay(zone).toInstant()))
                .addValue("to", Timestamp.from(to.plusDays(1).atStartOfDay(zone).toInstant()))
                .addValue("top", TOP);
        List<SeasonController.Count> hazards = counts(
                "select k.code as name, count(distinct k.case_id) as cases from case_code k"
                        + " join canning_case c on c.id = k.case_id" + WITHIN
                        + "and k.severity in ('danger', 'correct') group by k.code order by cases desc, name limit :top",
                given);
        return new SeasonController.SeasonDoc(
                from,
                to,
                total("select count(*) from canning_case c" + WITHIN, given),
                total(
                        "select count(distinct a.case_id) from answer a join canning_case c on c.id = a.case_id"
                                + WITHIN,
                        given),
                total("select count(*) from phone_call c where c.at >= :from and c.at < :to", given),
                median(given),
                weeks(from, to, given),
                counts(grouped("i.outcome"), given),
                counts(grouped("c.place"), given),
                counts(grouped("i.food"), given),
                counts(grouped("i.method"), given),
                hazards.stream()
                        .map(h -> new SeasonController.Hazard(h.name(), summary(h.name()), h.cases()))
                        .toList(),
                teach(hazards));
    }

    private static String grouped(String column) {
        return "select coalesce(nullif(" + column + ", ''), 'not known') as name, count(*) as cases from canning_case c"
                + " join case_index i on i.case_id = c.id" + WITHIN
                + "group by name order by cases desc, name limit :top";
    }

    private List<SeasonController.Count> counts(String sql, MapSqlParameterSource given) {
        return database.query(
                sql, given, (row, n) -> new SeasonController.Count(row.getString("name"), row.getInt("cases")));
    }

    private int total(String sql, MapSqlParameterSource given) {
        Integer total = database.queryForObject(sql, given, Integer.class);
        return total == null ? 0 : total;
    }

    /** Every week of the season has its place, also one without a letter. */
    private List<SeasonController.Week> weeks(LocalDate from, LocalDate to, MapSqlParameterSource given) {
        Map<LocalDate, int[]> weeks = new TreeMap<>();
        LocalDate monday = from.minusDays(from.getDayOfWeek().getValue() - 1L);
        for (LocalDate week = monday; !week.isAfter(to); week = week.plusWeeks(1)) {
            weeks.put(week, new int[2]);
        }
        database.query("select c.created_at as at from canning_case c" + WITHIN, given, row -> {
            count(weeks, row.getTimestamp("at").toInstant(), 0);
        });
        database.query("select c.at from phone_call c where c.at >= :from and c.at < :to", given, row -> {
            count(weeks, row.getTimestamp("at").toInstant(), 1);
        });
        List<SeasonController.Week> all = new ArrayList<>();
        weeks.forEach((week, n) -> all.add(new SeasonController.Week(week, n[0], n[1])));
        return all;
    }

    private void count(Map<LocalDate, int[]> weeks, Instant at, int which) {
        LocalDate day = at.atZone(zone).toLocalDate();
        int[] week = weeks.get(day.minusDays(day.getDayOfWeek().getValue() - 1L));
        if (week != null) {
            week[which]++;
        }
    }

    /** Hours from a letter to the first signed answer; null without one. */
    private Double median(MapSqlParameterSource given) {
        List<Double> hours = database.query(
                "select timestampdiff(minute, c.created_at, min(a.signed_at)) / 60.0 as hours from answer a"
                        + " join canning_case c on c.id = a.case_id" + WITHIN
                        + "group by c.id, c.created_at order by hours",
                given,
                (row, n) -> row.getDouble("hours"));
        if (hours.isEmpty()) {
            return null;
        }
        int middle = hours.size() / 2;
        double median = hours.size() % 2 == 1 ? hours.get(middle) : (hours.get(middle - 1) + hours.get(middle)) / 2;
        return Math.round(median * 10) / 10.0;
    }

    private String summary(String code) {
        return Registry.checks(guide.snapshot()).stream()
                .map(c -> c.info())
                .filter(i -> i.code().equals(code))
                .map(CheckInfo::summary)
                .findFirst()
                .orElse(code);
    }

    /** The commonest hazards are the next lessons, one for each side of the work. */
    private List<String> teach(List<SeasonController.Count> hazards) {
        Map<String, String> lessons = new java.util.LinkedHashMap<>();
        for (SeasonController.Count hazard : hazards) {
            String aspect = hazard.name().substring(0, hazard.name().indexOf('.'));
            lessons.putIfAbsent(aspect, summary(hazard.name()) + " (" + hazard.cases() + " letters)");
        }
        return lessons.values().stream().limit(TEACH).toList();
    }
}
