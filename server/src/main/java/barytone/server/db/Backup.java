package barytone.server.db;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.IsoFields;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;

/**
 * Backups of a data folder: a zip with the database, whole and checked, and with whatever else the folder holds. Made while Barytone runs without holding it up;
 * a backup that was interrupted leaves nothing that looks like one. {@link Restore} puts one back.
 */
public final class Backup {
    private static final String DAILY = "daily-";
    private static final String WEEKLY = "weekly-";
    private static final int KEPT_DAILY = 7;
    private static final int KEPT_WEEKLY = 8;
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss", Locale.ROOT);

    private Backup() {}

    /**
     * Makes a backup of a data folder, whether Barytone runs on it or not.
     *
     * @param target the file to make, which must not exist; null for one with the time in its name, among the folder's backups
     * @return the file
     * @throws DataTroubleException when there is nothing to back up, or it cannot be
     */
    public static Path byHand(Path folder, @Nullable Path target) {
        Path whole = folder.toAbsolutePath().normalize();
        if (!Files.exists(DataFolder.database(whole)))
            throw new DataTroubleException("There is no database in " + whole + ", so there is nothing to back up.");
        Path file = target == null
                ? named(whole, "by-hand")
                : target.toAbsolutePath().normalize();
        make(whole, file);
        return file;
    }

    static Path beforeMigration(DataFolder folder, int version) {
        Path file = named(folder.path(), "before-step-" + (version + 1));
        make(folder.path(), file);
        return file;
    }

    static Path named(Path folder, String why) {
        return DataFolder.backups(folder).resolve(stamped(why) + ".zip");
    }

    /** A name with the time in it. */
    static String stamped(String why) {
        return why + "-" + LocalDateTime.now().format(MINUTE);
    }

    /**
     * Makes the backup of a day, if there is none yet, and that of its week. Seven days and eight weeks are kept.
     *
     * @return the backup of the day when it was made now
     */
    public static Optional<Path> daily(Path folder, LocalDate day) {
        Path backups = DataFolder.backups(folder);
        Path daily = backups.resolve(DAILY + day + ".zip");
        if (Files.exists(daily)) return Optional.empty();
        make(folder, daily);
        try {
            Path weekly = backups.resolve(String.format(
                    Locale.ROOT,
                    "%s%d-W%02d.zip",
                    WEEKLY,
                    day.get(IsoFields.WEEK_BASED_YEAR),
                    day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR)));
            if (!Files.exists(weekly)) copy(daily, weekly);
            keep(folder, DAILY, KEPT_DAILY);
            keep(folder, WEEKLY, KEPT_WEEKLY);
            deleteLeftovers(backups);
        } catch (IOException e) {
            throw failed(daily, e);
        }
        return Optional.of(daily);
    }

    /** The backups in a folder, newest name of each kind first. */
    public static List<Path> in(Path folder) {
        Path backups = DataFolder.backups(folder);
        if (!Files.isDirectory(backups)) return List.of();
        try (Stream<Path> files = Files.list(backups)) {
            return files.filter(f -> f.toString().endsWith(".zip"))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        } catch (IOException e) {
            throw failed(backups, e);
        }
    }

    private static void keep(Path folder, String kind, int most) throws IOException {
        List<Path> all = in(folder).stream()
                .filter(f -> f.getFileName().toString().startsWith(kind))
                .toList();
        for (Path old : all.subList(Math.min(most, all.size()), all.size())) Files.deleteIfExists(old);
    }

    /** What was interrupted days ago. */
    private static void deleteLeftovers(Path backups) throws IOException {
        FileTime before = FileTime.from(Instant.now().minus(Duration.ofDays(2)));
        try (Stream<Path> files = Files.list(backups)) {
            for (Path part : files.filter(f -> f.toString().endsWith(".part")).toList())
                if (Files.getLastModifiedTime(part).compareTo(before) < 0) Files.deleteIfExists(part);
        }
    }

    private static void copy(Path from, Path to) throws IOException {
        Path part = part(to);
        Files.copy(from, part, StandardCopyOption.REPLACE_EXISTING);
        Files.move(part, to, StandardCopyOption.ATOMIC_MOVE);
    }

    /** Where a file is made before it gets its name. */
    private static Path part(Path file) {
        return file.resolveSibling(
                "." + file.getFileName() + "." + ProcessHandle.current().pid() + ".part");
    }

    static void make(Path folder, Path file) {
        if (Files.exists(file))
            throw new DataTroubleException(
                    file + " exists already, and a backup overwrites nothing. Give another name.");
        Path snapshot = part(file.resolveSibling(DataFolder.DATABASE));
        Path part = part(file);
        try {
            if (file.getParent() != null) Files.createDirectories(file.getParent());
            ownersAlone(DataFolder.backups(folder));
            Files.deleteIfExists(snapshot);
            snapshot(DataFolder.database(folder), snapshot);
            zip(folder, snapshot, part);
            move(part, file);
        } catch (IOException | SQLException e) {
            throw failed(file, e);
        } finally {
            deleteQuietly(snapshot);
            deleteQuietly(part);
        }
    }

    /** A copy of the database as it is at one moment. It is read to the end, so that damage shows before older backups are given up for it. */
    private static void snapshot(Path database, Path to) throws SQLException {
        DatabaseFile.version(database, false);
        try (Connection db = DatabaseFile.connect(database, false);
                PreparedStatement copy = db.prepareStatement("VACUUM INTO ?")) {
            copy.setString(1, to.toString());
            copy.execute();
        }
        DatabaseFile.version(to, true);
    }

    private static void zip(Path folder, Path snapshot, Path part) throws IOException {
        try (FileChannel channel = FileChannel.open(
                        part,
                        StandardOpenOption.CREATE,
                        StandardOpenOption.WRITE,
                        StandardOpenOption.TRUNCATE_EXISTING);
                ZipOutputStream zip = new ZipOutputStream(java.nio.channels.Channels.newOutputStream(channel))) {
            ownersAlone(part);
            zip.setLevel(Deflater.BEST_SPEED);
            entry(zip, DataFolder.DATABASE, snapshot);
            for (Path other : others(folder))
                entry(zip, folder.relativize(other).toString().replace('\\', '/'), other);
            zip.finish();
            channel.force(true);
        }
    }

    static List<Path> others(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(Files::isRegularFile)
                    .filter(f -> !DataFolder.isOwn(folder.relativize(f).getName(0)))
                    .sorted()
                    .toList();
        }
    }

    private static void entry(ZipOutputStream zip, String name, Path file) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        Files.copy(file, zip);
        zip.closeEntry();
    }

    static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (FileAlreadyExistsException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** What players say and what their instruments are is nobody else's on this machine. */
    private static void ownersAlone(Path path) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
        if (view == null || !Files.exists(path)) return;
        view.setPermissions(PosixFilePermissions.fromString(Files.isDirectory(path) ? "rwx------" : "rw-------"));
    }

    static DataTroubleException failed(Path file, Exception e) {
        StorageTrouble trouble = StorageTrouble.in(e);
        return new DataTroubleException(
                "No backup was made of or from " + file + ": "
                        + (trouble == null ? String.valueOf(e.getMessage()) : trouble.told()),
                e);
    }

    static void deleteQuietly(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException ignored) {
            // a hidden file more, that is all
        }
    }
}
