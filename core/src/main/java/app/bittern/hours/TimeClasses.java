package app.bittern.hours;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.zone.ZoneOffsetTransition;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;

/// Divides the instants of 53 weeks into sets in which every calendar is in the same state.
///
/// All instants at which any calendar can change are collected (the edges of its ranges on every local
/// day, midnight, and the zone's own changes), the calendars are asked once after each, and stretches
/// with the same answers are one class. Cost: weeks × 7 × edges × rules. Exact on the days the clocks change,
/// because a local time that comes twice is taken at both offsets and one that never comes at the
/// change itself.
public final class TimeClasses {
    /// The weeks looked at, so that every day of a year is in, whichever day it begins with.
    public static final int WEEKS = 53;

    private TimeClasses() {}

    /// One class of instants.
    ///
    /// @param states  the state of each calendar, in the order they were given
    /// @param first   the first instant in it
    /// @param seconds how long it is altogether
    public record TimeClass(List<String> states, Instant first, long seconds) {
        public TimeClass {
            states = List.copyOf(states);
        }
    }

    /// The classes in order of their first instant.
    ///
    /// @param from the first local day looked at
    public static List<TimeClass> of(List<Calendar> calendars, ZoneId zone, LocalDate from) {
        List<Instant> changes = List.copyOf(changes(calendars, zone, from));
        Map<List<String>, TimeClass> classes = new LinkedHashMap<>();
        for (int index = 0; index + 1 < changes.size(); index++) {
            Instant start = changes.get(index);
            long seconds = changes.get(index + 1).getEpochSecond() - start.getEpochSecond();
            LocalDateTime local = LocalDateTime.ofInstant(start, zone);
            List<String> states =
                    calendars.stream().map(calendar -> calendar.stateAt(local)).toList();
            classes.merge(
                    states,
                    new TimeClass(states, start, seconds),
                    (one, more) -> new TimeClass(states, one.first(), one.seconds() + more.seconds()));
        }
        return List.copyOf(classes.values());
    }

    private static SortedSet<Instant> changes(List<Calendar> calendars, ZoneId zone, LocalDate from) {
        LocalDate end = from.plusWeeks(WEEKS);
        Instant first = from.atStartOfDay(zone).toInstant();
        Instant last = end.atStartOfDay(zone).toInstant();
        TreeSet<Instant> changes = new TreeSet<>(List.of(first, last));
        List<Integer> edges =
                calendars.stream().flatMap(c -> c.edges().stream()).distinct().toList();
        for (LocalDate day = from; day.isBefore(end); day = day.plusDays(1)) {
            for (int minutes : edges) {
                changes.addAll(instants(day.atStartOfDay().plusMinutes(minutes), zone));
            }
        }
        for (ZoneOffsetTransition change = zone.getRules().nextTransition(first);
                change != null && change.getInstant().isBefore(last);
                change = zone.getRules().nextTransition(change.getInstant())) {
            changes.add(change.getInstant());
        }
        return new TreeSet<>(changes.subSet(first, true, last, true));
    }

    private static List<Instant> instants(LocalDateTime local, ZoneId zone) {
        List<Instant> instants = new ArrayList<>();
        zone.getRules().getValidOffsets(local).forEach(offset -> instants.add(local.toInstant(offset)));
        return instants;
    }
}
