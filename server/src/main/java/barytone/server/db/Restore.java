package barytone.server.db;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Enumeration;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;

/** Puts a backup in the place of what a data folder holds, with Barytone stopped. Nothing is changed before the backup was unpacked and read to its end. */
public final class Restore {
    private static final byte[] ZIP = {'P', 'K', 3, 4};

    private Restore() {}

    /**
     * What a backup holds.
     *
     * @param newest when the last entry was made, UTC; null when there is none
     */
    private record Holds(long jobs, long entries, @Nullable String newest) {
        /** In words. */
        String words() {
            return jobs
                    + (jobs == 1 ? " job, " : " jobs, ")
                    + entries
                    + (entries == 1 ? " entry" : " entries")
                    + (newest == null
                            ? ""
                            : ", the last of " + newest.substring(0, 16).replace('T', ' ') + " UTC");
        }
    }

    /**
     * Puts a backup in the place of what a data folder holds. What it holds is backed up before; where it cannot be, its files are kept aside.
     *
     * @param file a backup, or a copy of the database itself
     * @return what to tell
     * @throws DataTroubleException when the file is no backup, is damaged or of a newer Barytone, or when Barytone runs on the folder. Nothing is changed.
     */
    public static String restore(Path folder, Path file) {
        Path source = file.toAbsolutePath().normalize();
        if (!Files.isRegularFile(source)) throw new DataTroubleException("There is no file " + source + ".");
        try (DataFolder data = DataFolder.take(folder)) {
            Path inside = Files.createTempDirectory(data.path(), ".restore-");
            try {
                unpack(source, inside);
                Path database = inside.resolve(DataFolder.DATABASE);
                if (!Files.exists(database)) throw noBackup(source);
                DatabaseFile.version(database, true);
                Holds holds = holds(database);
                String before = setAside(data);
                for (Path other : Backup.others(inside)) {
                    Path to = data.path().resolve(inside.relativize(other).toString());
                    Files.createDirectories(to.getParent());
                    Backup.move(other, to);
                }
                data.deleteBeside();
                Backup.move(database, data.database());
                return "Restored " + source.getFileName() + ": " + holds.words() + "." + before;
            } finally {
                deleteAll(inside);
            }
        } catch (IOException | SQLException e) {
            throw Backup.failed(source, e);
        }
    }

    private static String setAside(DataFolder data) throws IOException {
        if (!Files.exists(data.database())) return "";
        try {
            Path kept = Backup.named(data.path(), "before-restore");
            Backup.make(data.path(), kept);
            return "\nWhat was there before is kept as " + kept;
        } catch (DataTroubleException damaged) {
            Path aside = DataFolder.backups(data.path()).resolve(Backup.stamped("not-readable"));
            Files.createDirectories(aside);
            try (Stream<Path> files = Files.list(data.path())) {
                for (Path f : files.filter(f -> f.getFileName().toString().startsWith(DataFolder.DATABASE))
                        .toList()) Files.copy(f, aside.resolve(f.getFileName()), StandardCopyOption.COPY_ATTRIBUTES);
            }
            return "\nWhat was there before could not be backed up (" + damaged.getMessage()
                    + ")\nIts files are kept in " + aside;
        }
    }

    private static void unpack(Path source, Path into) throws IOException {
        byte[] start = new byte[ZIP.length];
        try (InputStream in = Files.newInputStream(source)) {
            in.readNBytes(start, 0, start.length);
        }
        if (!Arrays.equals(start, ZIP)) {
            Files.copy(source, into.resolve(DataFolder.DATABASE));
            return;
        }
        try (ZipFile zip = new ZipFile(source.toFile())) {
            for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
                ZipEntry entry = all.nextElement();
                Path to = into.resolve(entry.getName()).normalize();
                if (entry.isDirectory() || !to.startsWith(into)) continue;
                Files.createDirectories(to.getParent());
                try (InputStream in = zip.getInputStream(entry);
                        OutputStream out = Files.newOutputStream(to)) {
                    in.transferTo(out);
                }
            }
        } catch (ZipException e) {
            throw new DataTroubleException(source + " is damaged or not a backup; nothing was changed.", e);
        }
    }

    private static DataTroubleException noBackup(Path source) {
        return new DataTroubleException(source + " is no backup of Barytone: there is no " + DataFolder.DATABASE
                + " in it. Nothing was changed.");
    }

    /** Counts what a database holds. */
    private static Holds holds(Path database) throws SQLException {
        try (Connection db = DatabaseFile.connect(database, true);
                Statement sql = db.createStatement();
                ResultSet row = sql.executeQuery(
                        "SELECT (SELECT count(*) FROM job) AS jobs, count(*) AS entries, max(happened_at) AS newest FROM job_event")) {
            return new Holds(row.getLong("jobs"), row.getLong("entries"), row.getString("newest"));
        }
    }

    private static void deleteAll(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            all.sorted(Comparator.reverseOrder()).forEach(Backup::deleteQuietly);
        } catch (IOException ignored) {
            // hidden files more, that is all
        }
    }
}
