package app.bittern.server.account;

import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.encoder.PatternLayoutEncoder;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.rolling.FixedWindowRollingPolicy;
import ch.qos.logback.core.rolling.RollingFileAppender;
import ch.qos.logback.core.rolling.SizeBasedTriggeringPolicy;
import ch.qos.logback.core.util.FileSize;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/// Where what concerns security is written besides the database: a file of its own, one JSON object a line, ten of
/// 10 MB at most. Without a file named it goes where everything is logged.
@Component
class SecurityFile {
    private static final String NAME = "security";
    private static final String SIZE = "10MB";
    private static final int FILES = 9;

    private final Logger log = LoggerFactory.getLogger(NAME);

    SecurityFile(@Value("${bittern.security-log}") String file) {
        if (!file.isEmpty() && LoggerFactory.getILoggerFactory() instanceof LoggerContext context) {
            ch.qos.logback.classic.Logger logger = context.getLogger(NAME);
            logger.detachAndStopAllAppenders();
            logger.setAdditive(false);
            logger.setLevel(ch.qos.logback.classic.Level.INFO);
            logger.addAppender(appender(context, file));
        }
    }

    private static RollingFileAppender<ILoggingEvent> appender(LoggerContext context, String file) {
        RollingFileAppender<ILoggingEvent> appender = new RollingFileAppender<>();
        appender.setContext(context);
        appender.setFile(file);
        FixedWindowRollingPolicy rolling = new FixedWindowRollingPolicy();
        rolling.setContext(context);
        rolling.setParent(appender);
        rolling.setFileNamePattern(file + ".%i");
        rolling.setMinIndex(1);
        rolling.setMaxIndex(FILES);
        rolling.start();
        SizeBasedTriggeringPolicy<ILoggingEvent> full = new SizeBasedTriggeringPolicy<>();
        full.setContext(context);
        full.setMaxFileSize(FileSize.valueOf(SIZE));
        full.start();
        PatternLayoutEncoder encoder = new PatternLayoutEncoder();
        encoder.setContext(context);
        encoder.setPattern("%msg%n");
        encoder.start();
        appender.setRollingPolicy(rolling);
        appender.setTriggeringPolicy(full);
        appender.setEncoder(encoder);
        appender.start();
        return appender;
    }

    void write(String line) {
        log.info(line);
    }
}
