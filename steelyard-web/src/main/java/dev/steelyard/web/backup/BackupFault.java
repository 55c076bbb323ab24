package dev.steelyard.web.backup;

/** Why a file is no backup that can be used, or cannot be put back; its message is for who asked. */
public final class BackupFault extends RuntimeException {

    private static final long serialVersionUID = 1L;

    BackupFault(String message) {
        super(message);
    }

    BackupFault(String message, Throwable cause) {
        super(message, cause);
    }
}
