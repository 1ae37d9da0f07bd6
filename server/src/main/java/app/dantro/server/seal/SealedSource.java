package app.dantro.server.seal;

import java.io.IOException;
import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.sqlite.SQLiteCommitListener;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteUpdateListener;

/** The writing connection, whose commits return once what they wrote is sealed. */
public final class SealedSource extends DelegatingDataSource {
    private static final Set<String> RUNS = Set.of("execute", "executeUpdate", "executeLargeUpdate", "executeBatch");

    private final Sealer sealer;

    private SealedSource(DataSource target, Sealer sealer) {
        super(target);
        this.sealer = sealer;
    }

    /** @param now the ends of the chains as the database stands */
    public static SealedSource over(DataSource target, SealFile file, Seals now) throws IOException {
        file.write(now);
        return new SealedSource(target, new Sealer(file, now));
    }

    @Override
    public Connection getConnection() throws SQLException {
        Connection connection = super.getConnection();
        SQLiteConnection listened = connection.unwrap(SQLiteConnection.class);
        listened.addUpdateListener((type, database, table, row) -> {
            if (type == SQLiteUpdateListener.Type.INSERT) {
                sealer.wrote(table, row);
            }
        });
        listened.addCommitListener(new SQLiteCommitListener() {
            @Override
            public void onCommit() {
                // Before the commit; what counts is that it is done.
            }

            @Override
            public void onRollback() {
                sealer.rolledBack();
            }
        });
        return (Connection) proxy(Connection.class, (proxy, method, args) -> {
            Object result = call(method, connection, args);
            if (method.getName().equals("commit")
                    || method.getName().equals("setAutoCommit") && Boolean.TRUE.equals(args[0])) {
                sealer.committed(connection);
            }
            return result instanceof Statement statement ? sealing(statement, connection) : result;
        });
    }

    /** A statement outside of a transaction is one of its own. */
    private Object sealing(Statement statement, Connection connection) {
        Class<?> kind = statement instanceof PreparedStatement ? PreparedStatement.class : Statement.class;
        return proxy(kind, (proxy, method, args) -> {
            Object result = call(method, statement, args);
            if (RUNS.contains(method.getName()) && connection.getAutoCommit()) {
                sealer.committed(connection);
            }
            return result;
        });
    }

    private static Object proxy(Class<?> kind, InvocationHandler handler) {
        return Proxy.newProxyInstance(SealedSource.class.getClassLoader(), new Class<?>[] {kind}, handler);
    }

    private static Object call(Method method, Object on, Object[] args) throws Throwable {
        try {
            return method.invoke(on, args);
        } catch (InvocationTargetException e) {
            throw e.getCause();
        }
    }
}
