package barytone.server;

import barytone.server.db.Backup;
import barytone.server.db.DataTroubleException;
import barytone.server.db.Restore;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.Arrays;

/** Backups from the command line: {@code backup FOLDER [FILE]} and {@code restore FOLDER FILE}. */
final class Maintain {
    private Maintain() {}

    static boolean knows(String command) {
        return command.equals("backup") || command.equals("restore");
    }

    /** Does it and returns the exit code: 0 when it is done, 1 when it cannot be, 2 when the arguments were wrong. */
    static int run(String[] args, PrintStream out, PrintStream err) {
        boolean backup = args[0].equals("backup");
        if (args.length < (backup ? 2 : 3) || args.length > 3) {
            err.println(
                    backup
                            ? "backup takes a FILE to make, or nothing; given was: " + said(args)
                            : "restore takes the FILE of a backup; given was: " + said(args));
            return 2;
        }
        Path folder = Path.of(args[1]);
        try {
            if (backup) out.println("Backup made: " + Backup.byHand(folder, args.length > 2 ? Path.of(args[2]) : null));
            else out.println(Restore.restore(folder, Path.of(args[2])));
            return 0;
        } catch (DataTroubleException e) {
            err.println(e.getMessage());
            return 1;
        }
    }

    private static String said(String[] args) {
        return args.length < 3 ? "nothing" : String.join(" ", Arrays.copyOfRange(args, 2, args.length));
    }
}
