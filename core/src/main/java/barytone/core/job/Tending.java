package barytone.core.job;

/** What is done around the strings while an instrument is on the bench. */
public enum Tending {
    STRINGS_OFF("Strings off"),
    CLEANED("Cleaned"),
    OILED("Board oiled"),
    TIGHTENED("Loose hardware tightened"),
    STRINGS_ON("Strings on: wound down the posts, seated, bent to shape");

    private final String label;

    Tending(String label) {
        this.label = label;
    }

    /** What it is called. */
    public String label() {
        return label;
    }
}
