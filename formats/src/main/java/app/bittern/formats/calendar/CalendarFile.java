package app.bittern.formats.calendar;

import app.bittern.plan.Problem;
import java.io.IOException;
import java.io.StringReader;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.CalendarComponent;

/// What a calendar file (iCalendar, RFC 5545) says of days: each event as days of a rule, and what cannot be
/// one, with the line and the reason. One event that cannot be read does not keep the others from being read.
///
/// @param events in the order of the file
/// @param unread what cannot be taken over
public record CalendarFile(List<CalendarEvent> events, List<Unread> unread) {
    private static final String BEGIN = "BEGIN:";
    private static final String END = "END:";
    private static final String EVENT = "VEVENT";
    private static final String CALENDAR = "VCALENDAR";

    public CalendarFile {
        events = List.copyOf(events);
        unread = List.copyOf(unread);
    }

    /// A part of a file that is no day of a rule.
    ///
    /// @param line from 1, where it begins
    public record Unread(int line, String what, String why) {}

    /// A component of the file: its lines as they stand.
    private record Block(String name, int line, StringBuilder text) {}

    /// So many entries of a file are read.
    public static final int MOST = 5000;

    /// Reads a file.
    ///
    /// @param zone whose time is meant by times of day
    public static CalendarFile read(String text, ZoneId zone) {
        List<CalendarEvent> events = new ArrayList<>();
        List<Unread> unread = new ArrayList<>();
        List<Block> blocks = blocks(text, unread);
        if (blocks.size() > MOST) {
            unread.add(new Unread(
                    blocks.get(MOST).line(),
                    "the rest of the file",
                    "it has " + blocks.size() + " entries: the first " + MOST + " are read"));
        }
        CalendarBuilder builder = new CalendarBuilder();
        for (Block block : blocks.subList(0, Math.min(MOST, blocks.size()))) {
            if (!block.name().equals(EVENT)) {
                unread.add(new Unread(block.line(), block.name(), "only events (VEVENT) say days"));
                continue;
            }
            try {
                events.add(CalendarEvent.of(block.line(), event(builder, block), zone));
            } catch (CalendarEvent.NotDays why) {
                unread.add(new Unread(block.line(), why.title(), why.why()));
            } catch (ParserException | IOException | RuntimeException broken) {
                // One that has met something broken may be in the midst of it still.
                builder = new CalendarBuilder();
                unread.add(new Unread(
                        block.line(),
                        EVENT,
                        "it is no event of RFC 5545: " + Problem.shown(String.valueOf(broken.getMessage()))));
            }
        }
        return new CalendarFile(events, unread);
    }

    private static CalendarComponent event(CalendarBuilder builder, Block block) throws ParserException, IOException {
        String alone = BEGIN + CALENDAR + "\r\nVERSION:2.0\r\nPRODID:-//Bittern//EN\r\n" + block.text() + END + CALENDAR
                + "\r\n";
        return builder.build(new StringReader(alone)).getComponents().stream()
                .filter(one -> one.getName().equals(Component.VEVENT))
                .findFirst()
                .orElseThrow(() -> new ParserException("an event without an end", block.line()));
    }

    /// The components right under the calendar, without time zones: the runtime knows those.
    private static List<Block> blocks(String text, List<Unread> unread) {
        List<Block> blocks = new ArrayList<>();
        List<String> open = new ArrayList<>();
        boolean calendar = false;
        int number = 0;
        for (String line : text.split("\r?\n", -1)) {
            number++;
            String upper = line.strip().toUpperCase(Locale.ROOT);
            if (upper.startsWith(BEGIN)) {
                String name = upper.substring(BEGIN.length());
                calendar |= name.equals(CALENDAR);
                open.add(name);
                if (open.size() == 2 && calendar) {
                    blocks.add(new Block(name, number, new StringBuilder()));
                }
            }
            if (open.size() >= 2 && !blocks.isEmpty()) {
                blocks.getLast().text().append(line).append("\r\n");
            }
            if (upper.startsWith(END) && !open.isEmpty()) {
                open.removeLast();
            }
        }
        if (!calendar) {
            unread.add(new Unread(
                    1, "the file", "it is no calendar file: BEGIN:VCALENDAR is not in it (iCalendar, RFC 5545)"));
        }
        blocks.removeIf(block -> block.name().equals("VTIMEZONE"));
        return blocks;
    }
}
