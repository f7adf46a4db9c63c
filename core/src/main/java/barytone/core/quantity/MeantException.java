package barytone.core.quantity;

/** A value that cannot be in the unit it is in, and would be usual in another: it is asked whether that was meant. */
public final class MeantException extends NotAllowedException {
    private static final long serialVersionUID = 1L;
    private final String field;
    private final String suggestion;
    private final String spoken;

    /**
     * The question.
     *
     * @param field as it is sent
     * @param suggestion what to send instead
     * @param spoken the same as it is spoken
     */
    public MeantException(String field, String question, String suggestion, String spoken) {
        super(question);
        this.field = field;
        this.suggestion = suggestion;
        this.spoken = spoken;
    }

    public String field() {
        return field;
    }

    public String suggestion() {
        return suggestion;
    }

    public String spoken() {
        return spoken;
    }
}
