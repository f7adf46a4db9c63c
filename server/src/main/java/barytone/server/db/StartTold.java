package barytone.server.db;

import org.springframework.boot.SpringBootExceptionReporter;

/** Why Barytone cannot start is a sentence, not a trace. */
final class StartTold implements SpringBootExceptionReporter {
    @Override
    @SuppressWarnings("SystemOut") // for the person at the terminal
    public boolean reportException(Throwable failure) {
        if (!(failure instanceof DataTroubleException)) return false;
        System.err.println(failure.getMessage());
        return true;
    }
}
