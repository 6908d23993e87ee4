package olla.server.tenancy;

import org.hibernate.cfg.MultiTenancySettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tells the mapper whose rows a session sees. */
@Configuration(proxyBeanMethods = false)
class KitchensApart {

    @Bean
    HibernatePropertiesCustomizer kitchensAreApart() {
        return settings -> settings.put(MultiTenancySettings.MULTI_TENANT_IDENTIFIER_RESOLVER, new Here());
    }

    private static final class Here implements CurrentTenantIdentifierResolver<Integer> {

        @Override
        public Integer resolveCurrentTenantIdentifier() {
            return WhoseKitchen.here();
        }

        /* A session sees the rows of whoever it was opened for, to its end. */
        @Override
        public boolean validateExistingCurrentSessions() {
            return true;
        }

        @Override
        public boolean isRoot(Integer kitchen) {
            return kitchen == WhoseKitchen.ALL;
        }
    }
}
