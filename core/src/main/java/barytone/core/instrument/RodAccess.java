package barytone.core.instrument;

/** Where the rod is turned; directions are given as seen from there. */
public enum RodAccess {
    HEADSTOCK,
    HEEL,
    SOUND_HOLE
}
