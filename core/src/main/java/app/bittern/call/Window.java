package app.bittern.call;

/// The earliest and the latest second at which something can happen, both included.
public record Window(int earliest, int latest) {
    /// At once.
    public static final Window NOW = new Window(0, 0);

    /// @throws IllegalArgumentException where it is negative or ends before it begins
    public Window {
        if (earliest < 0 || latest < earliest) {
            throw new IllegalArgumentException("window " + earliest + " to " + latest + " s");
        }
    }

    /// Exactly at one second.
    public static Window at(int second) {
        return new Window(second, second);
    }

    /// One after the other.
    public Window plus(Window next) {
        return new Window(earliest + next.earliest, latest + next.latest);
    }

    /// The smallest window that both are in.
    public Window union(Window other) {
        return new Window(Math.min(earliest, other.earliest), Math.max(latest, other.latest));
    }

    public boolean contains(int second) {
        return second >= earliest && second <= latest;
    }
}
