package app.bittern.benchmarks;

import app.bittern.formats.PlanFile;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.paths.Paths;
import app.bittern.paths.PlainGraph;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import java.math.BigInteger;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jgrapht.alg.shortestpath.AllDirectedPaths;

/// Sets our counting of one number's paths beside the enumeration of JGraphT's AllDirectedPaths, on the same
/// state graph.
///
/// The enumeration gets a minute for each size; what it has not done by then is said so. A table is printed.
public final class Enumeration {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));
    private static final int MINUTE = 60;
    private static final int[] SIZES = {100, 200, 500, 1000, 5000};
    private static final int[] LEVELS = {2, 4, 6, 12};

    private Enumeration() {}

    public static void main(String[] arguments) throws InterruptedException, ExecutionException {
        System.out.println("| extensions | paths of one number | counted in | enumerated in |");
        System.out.println("| ---: | ---: | ---: | ---: |");
        for (int size : SIZES) {
            row(size, BigPlans.of(size));
        }
        System.out.println();
        System.out.println("| menus of ten keys, one after another | paths | counted in | enumerated in |");
        System.out.println("| ---: | ---: | ---: | ---: |");
        for (int levels : LEVELS) {
            row(levels, levels(levels));
        }
        System.exit(0);
    }

    /// One line of a table, counted when the machine is warm.
    private static void row(int size, Plan plan) throws InterruptedException, ExecutionException {
        E164 number = plan.all(InboundNumber.class).findFirst().orElseThrow().called();
        Paths.of(plan, HORIZON).of(number).count();
        long begin = System.nanoTime();
        BigInteger count = Paths.of(plan, HORIZON).of(number).count();
        double counted = (System.nanoTime() - begin) / 1e6;
        System.out.printf(Locale.ROOT, "| %,d | %,d | %.0f ms | %s |%n", size, count, counted, enumerated(plan));
    }

    /// Menus one after another, in which each of ten keys leads to the next: ways that join again and again.
    private static Plan levels(int levels) {
        StringBuilder text = new StringBuilder("""
                bittern: 2
                site: { key: levels, timeZone: Europe/London, country: GB, languages: [en-GB] }
                numbers: { "+441632960100": {} }
                routes: { r: { to: menu/m0 } }
                menus:
                """);
        for (int level = 0; level < levels; level++) {
            String to = level + 1 < levels ? "menu/m" + (level + 1) : "hang-up";
            text.append("  m").append(level).append(": { giveUp: busy, keys: {");
            for (int key = 0; key < 10; key++) {
                text.append(key == 0 ? "" : ",")
                        .append(" \"")
                        .append(key)
                        .append("\": { to: ")
                        .append(to)
                        .append(" }");
            }
            text.append(" } }\n");
        }
        return ((PlanFile.Result.Read) PlanFile.read(text.toString())).plan();
    }

    private static String enumerated(Plan plan) throws InterruptedException, ExecutionException {
        PlainGraph plain = PlainGraph.of(plan, HORIZON);
        ExecutorService one =
                Executors.newSingleThreadExecutor(Thread.ofPlatform().daemon().factory());
        long begin = System.nanoTime();
        Future<Integer> paths = one.submit(() -> new AllDirectedPaths<>(plain.graph())
                .getAllPaths(java.util.Set.of(plain.start()), plain.ends(), true, null)
                .size());
        try {
            int found = paths.get(MINUTE, TimeUnit.SECONDS);
            return String.format(Locale.ROOT, "%.0f ms, %,d simple paths", (System.nanoTime() - begin) / 1e6, found);
        } catch (TimeoutException late) {
            return "not within " + MINUTE + " s";
        } catch (ExecutionException failed) {
            return "not at all: " + failed.getCause().getClass().getSimpleName();
        } finally {
            one.shutdownNow();
        }
    }
}
