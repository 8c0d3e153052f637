package app.bittern.server.account;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/// What an endpoint, or every endpoint of a class that says nothing else, needs of who asks. One without is answered to
/// nobody.
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.METHOD, ElementType.TYPE})
public @interface Needs {
    Need value();
}
