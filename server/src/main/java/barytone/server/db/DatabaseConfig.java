package barytone.server.db;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.transaction.PlatformTransactionManager;

/** The database of the data folder, taken, checked and brought up to date before anything else is made. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
public class DatabaseConfig {
    /** Takes the folder that {@code barytone.data} names. */
    public static final class Opening implements ApplicationContextInitializer<GenericApplicationContext> {
        @Override
        @SuppressWarnings("SystemOut") // the progress is for the person at the terminal
        public void initialize(GenericApplicationContext context) {
            Path path = Path.of(context.getEnvironment().getProperty("barytone.data", "data"));
            DataFolder folder = DataFolder.take(path);
            try {
                if (context.getEnvironment().getProperty("barytone.reset", Boolean.class, false)) folder.reset();
                Migration.run(folder, System.out);
                folder.remember();
            } catch (RuntimeException e) {
                folder.close();
                throw e;
            }
            context.registerBean(DataFolder.class, () -> folder, bean -> bean.setDestroyMethodName("close"));
        }
    }

    @Bean
    Connections connections(DataFolder folder, @Value("${barytone.patience:PT5S}") Duration patience) {
        return new Connections(folder.database(), patience);
    }

    @Bean
    PlatformTransactionManager transactionManager(Connections connections, DataFolder folder) {
        return new Transactions(connections, folder);
    }
}
