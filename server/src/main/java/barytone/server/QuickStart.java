package barytone.server;

import barytone.server.db.MarkedTransactions;
import org.springframework.beans.factory.support.BeanDefinitionRegistry;
import org.springframework.beans.factory.support.BeanDefinitionRegistryPostProcessor;
import org.springframework.beans.factory.support.RootBeanDefinition;
import org.springframework.context.annotation.AnnotationConfigUtils;
import org.springframework.stereotype.Component;

/** Spares a start what looks through every method of every bean: a third of it. */
@Component
class QuickStart implements BeanDefinitionRegistryPostProcessor {
    private static final String TRANSACTIONS = "transactionAttributeSource";

    @Override
    public void postProcessBeanDefinitionRegistry(BeanDefinitionRegistry beans) {
        // whoever listens here implements a listener's interface
        for (String name : new String[] {
            AnnotationConfigUtils.EVENT_LISTENER_PROCESSOR_BEAN_NAME,
            AnnotationConfigUtils.EVENT_LISTENER_FACTORY_BEAN_NAME
        }) if (beans.containsBeanDefinition(name)) beans.removeBeanDefinition(name);
        String source = MarkedTransactions.class.getName();
        if (!beans.containsBeanDefinition(TRANSACTIONS)
                || source.equals(beans.getBeanDefinition(TRANSACTIONS).getBeanClassName())) return;
        beans.removeBeanDefinition(TRANSACTIONS);
        beans.registerBeanDefinition(TRANSACTIONS, new RootBeanDefinition(MarkedTransactions.class));
    }
}
