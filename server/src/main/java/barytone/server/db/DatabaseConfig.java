package barytone.server.db;

import java.nio.file.Path;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.beans.factory.support.DefaultListableBeanFactory;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.aot.AbstractAotProcessor;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.transaction.PlatformTransactionManager;

/** The database of the data folder, taken, checked and brought up to date before anything else is made. */
@Configuration(proxyBeanMethods = false)
public class DatabaseConfig {
    /** Takes the folder that {@code barytone.data} names. */
    public static final class Opening implements ApplicationContextInitializer<GenericApplicationContext> {
        private static final String FOLDER = "dataFolder";

        @Override
        @SuppressWarnings("SystemOut") // the progress is for the person at the terminal
        public void initialize(GenericApplicationContext context) {
            // the build looks at what beans there are, and has no folder
            if (Boolean.getBoolean(AbstractAotProcessor.AOT_PROCESSING)) return;
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
            DefaultListableBeanFactory beans = context.getDefaultListableBeanFactory();
            beans.registerSingleton(FOLDER, folder);
            beans.registerDisposableBean(FOLDER, folder::close);
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
