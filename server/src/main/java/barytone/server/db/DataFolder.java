package barytone.server.db;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.PosixFilePermissions;
import org.jspecify.annotations.Nullable;

/** The folder with all that a shop has stored. One process has it at a time: it holds a lock for as long as it lives. */
public final class DataFolder implements AutoCloseable {
    static final String DATABASE = "barytone.db";
    private static final String LOCK = "barytone.lock";
    static final String BACKUPS = "backups";

    /** What stands beside the database while it is open, and belongs to it. */
    private static final String[] BESIDE = {"-wal", "-shm", "-journal"};

    private final Path path;
    private final FileChannel channel;
    private final FileLock lock;
    private volatile @Nullable Object key;

    private DataFolder(Path path, FileChannel channel, FileLock lock) {
        this.path = path;
        this.channel = channel;
        this.lock = lock;
    }

    /**
     * Makes the folder when there is none, readable by its owner alone, and takes it for this process.
     *
     * @throws DataTroubleException when it cannot be written, or another process has it
     */
    public static DataFolder take(Path where) {
        Path path = where.toAbsolutePath().normalize();
        make(path);
        FileChannel channel = null;
        try {
            channel = FileChannel.open(
                    path.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.READ);
            FileLock lock = channel.tryLock();
            if (lock != null) return new DataFolder(path, channel, lock);
            channel.close();
        } catch (OverlappingFileLockException sameProcess) {
            close(channel);
        } catch (IOException e) {
            close(channel);
            throw cannotWrite(path, e);
        }
        throw new DataTroubleException("Another Barytone is working on " + path
                + ". Use that one, or stop it first: two on one folder would know nothing of each other.");
    }

    private static void make(Path path) {
        try {
            if (Files.isDirectory(path)) return;
            if (path.getParent() != null) Files.createDirectories(path.getParent());
            if (FileSystems.getDefault().supportedFileAttributeViews().contains("posix"))
                Files.createDirectory(
                        path, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
            else Files.createDirectory(path);
        } catch (FileAlreadyExistsException e) {
            if (!Files.isDirectory(path))
                throw new DataTroubleException(
                        "The data folder " + path + " is not a folder. Set BARYTONE_HOME to a folder.", e);
        } catch (IOException e) {
            throw cannotWrite(path, e);
        }
    }

    private static DataTroubleException cannotWrite(Path path, IOException e) {
        return new DataTroubleException(
                "Barytone cannot write in " + path + " (" + e.getClass().getSimpleName()
                        + "). See that the folder can be written by you and its disk has room, or set BARYTONE_HOME to another.",
                e);
    }

    private static void close(@Nullable FileChannel channel) {
        try {
            if (channel != null) channel.close();
        } catch (IOException ignored) {
            // it was never of use
        }
    }

    public Path path() {
        return path;
    }

    public Path database() {
        return database(path);
    }

    public Path backups() {
        return backups(path);
    }

    static Path backups(Path folder) {
        return folder.toAbsolutePath().normalize().resolve(BACKUPS);
    }

    static Path database(Path folder) {
        return folder.toAbsolutePath().normalize().resolve(DATABASE);
    }

    /** Whether a file of the folder is made by Barytone as it runs, and is no part of a backup. */
    static boolean isOwn(Path name) {
        String text = name.toString();
        return text.startsWith(DATABASE) || text.equals(LOCK) || text.equals(BACKUPS) || text.startsWith(".");
    }

    /** Removes the database. For the demo, which is made anew. */
    public void reset() {
        try {
            Files.deleteIfExists(database());
            deleteBeside();
        } catch (IOException e) {
            throw cannotWrite(path, e);
        }
    }

    void deleteBeside() throws IOException {
        for (String end : BESIDE) Files.deleteIfExists(path.resolve(DATABASE + end));
    }

    /** Remembers which file the database is, to notice when it is another or none. */
    void remember() {
        key = keyNow();
    }

    /**
     * Sees that what is written comes into the database that is there.
     *
     * @throws DatabaseGoneException when it was removed or replaced
     */
    void mustBeThere() {
        if (key == null) return;
        Object now = keyNow();
        if (now == null || !now.equals(key)) throw new DatabaseGoneException(database());
    }

    private @Nullable Object keyNow() {
        try {
            BasicFileAttributes found = Files.readAttributes(database(), BasicFileAttributes.class);
            // where files have no keys, that it is there must do
            return found.fileKey() == null ? "there" : found.fileKey();
        } catch (IOException gone) {
            return null;
        }
    }

    @Override
    public void close() {
        try {
            lock.release();
            channel.close();
        } catch (IOException ignored) {
            // the system releases it with the process
        }
    }
}
