package app.bittern.call;

/// The windows of something that asks a caller several times.
///
/// With *P* the prompt, *W* the wait for each of *D* digits, *N* the tries, *S* said on no key, *B* said on a wrong
/// key, *p* the earliest a key counts in a try: what is valid comes from p to (N−1)(P+D·W+max(S,B))+P+D·W; the
/// last failure from (N−1)·min(P+W+S, p+B)+p to the same.
///
/// @param prompt   P in seconds
/// @param keyWait  W in seconds
/// @param digits   D
/// @param first    p in seconds
/// @param noKey    S in seconds
/// @param wrongKey B in seconds
/// @param tries    N
record Tries(int prompt, int keyWait, int digits, int first, int noKey, int wrongKey, int tries) {
    private int latest() {
        int one = prompt + digits * keyWait;
        return (tries - 1) * (one + Math.max(noKey, wrongKey)) + one;
    }

    Window valid() {
        return new Window(first, latest());
    }

    Window failed() {
        return new Window((tries - 1) * Math.min(prompt + keyWait + noKey, first + wrongKey) + first, latest());
    }

    /// An extension dialled: each digit after the first is waited for.
    Window dialled(int furtherDigits, int interDigit) {
        return new Window(first, latest() + furtherDigits * interDigit);
    }
}
