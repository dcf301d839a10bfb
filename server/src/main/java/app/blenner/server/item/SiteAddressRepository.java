package app.blenner.server.item;

import org.springframework.data.jpa.repository.JpaRepository;

interface SiteAddressRepository extends JpaRepository<SiteAddressEntity, String> {}
