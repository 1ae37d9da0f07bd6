package app.dantro.server.db;

import app.dantro.server.seal.SealCheck;
import app.dantro.server.seal.SealFile;
import app.dantro.server.seal.SealedSource;
import app.dantro.server.seal.Seals;
import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** One writing connection and a few reading ones on the same file (decisions/0002). */
@Configuration(proxyBeanMethods = false)
class Databases {
    private static final int READERS = 4;

    /** The writer; migrations run on a connection of their own before it opens. */
    @Bean
    @Primary
    HikariDataSource writerSource(DataFolder folder, SealFile seal) throws SQLException, IOException {
        PragmaCheckedDataSource source = new PragmaCheckedDataSource(folder.database(), false);
        Flyway.configure().dataSource(source).load().migrate();
        try (Connection connection = source.getConnection()) {
            return pool("writer", SealedSource.over(source, seal, sealed(folder, connection)), 1);
        }
    }

    /** As the start check found it, unless a migration changed it since. */
    private static Seals sealed(DataFolder folder, Connection connection) throws SQLException {
        Optional<Seals> checked = folder.checked().filter(s -> s.schema() == DatabaseFile.SCHEMA_VERSION);
        return checked.isPresent() ? checked.get() : SealCheck.all(connection, DatabaseFile.SCHEMA_VERSION);
    }

    @Bean
    SealFile seal(DataFolder folder) throws IOException {
        return SealFile.open(SealFile.beside(folder.database()));
    }

    @Bean
    HikariDataSource readerSource(DataFolder folder, @Qualifier("writerSource") DataSource migrated) {
        return pool("reader", new PragmaCheckedDataSource(folder.database(), true), READERS);
    }

    @Bean
    @Primary
    JdbcClient writer(@Qualifier("writerSource") DataSource source) {
        return JdbcClient.create(source);
    }

    @Bean
    JdbcClient reader(@Qualifier("readerSource") DataSource source) {
        return JdbcClient.create(source);
    }

    @Bean
    TransactionTemplate transaction(@Qualifier("writerSource") DataSource source) {
        return new TransactionTemplate(new JdbcTransactionManager(source));
    }

    /** Names this database, so that drafts and queues in a browser never mix two of them. */
    @Bean
    DatabaseIdentity databaseIdentity(@Qualifier("writer") JdbcClient writer) {
        writer.sql("INSERT INTO database_identity (id) SELECT :id WHERE NOT EXISTS (SELECT 1 FROM database_identity)")
                .param("id", UUID.randomUUID().toString())
                .update();
        return new DatabaseIdentity(writer.sql("SELECT id FROM database_identity")
                .query(String.class)
                .single());
    }

    private static HikariDataSource pool(String name, DataSource source, int size) {
        HikariConfig config = new HikariConfig();
        config.setPoolName(name);
        config.setDataSource(source);
        config.setMaximumPoolSize(size);
        config.setMinimumIdle(1);
        return new HikariDataSource(config);
    }
}
