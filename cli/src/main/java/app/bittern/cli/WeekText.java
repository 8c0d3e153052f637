package app.bittern.cli;

import app.bittern.call.Ending;
import app.bittern.paths.WeekMap;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// A week map for people: for each day, stretches of the same ending.
final class WeekText {
    private static final int QUARTER = 15;

    private WeekText() {}

    static String of(WeekMap week) {
        Table table = new Table(16, 14);
        for (WeekMap.Day day : week.days()) {
            String name = day.date().getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH) + " " + day.date();
            for (int[] stretch : stretches(day.endings())) {
                table.row(
                        name,
                        clock(stretch[0]) + "–" + clock(stretch[1]),
                        EndingText.of(day.endings().get(stretch[0])));
                name = "";
            }
        }
        return table.toString();
    }

    private static List<int[]> stretches(List<Ending> endings) {
        List<int[]> stretches = new ArrayList<>();
        int start = 0;
        for (int quarter = 1; quarter <= endings.size(); quarter++) {
            if (quarter == endings.size() || !endings.get(quarter).equals(endings.get(start))) {
                stretches.add(new int[] {start, quarter});
                start = quarter;
            }
        }
        return stretches;
    }

    private static String clock(int quarter) {
        return String.format(Locale.ROOT, "%02d:%02d", quarter * QUARTER / 60, quarter * QUARTER % 60);
    }
}
