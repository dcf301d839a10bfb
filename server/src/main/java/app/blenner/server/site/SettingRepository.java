package app.blenner.server.site;

import org.springframework.data.jpa.repository.JpaRepository;

interface SettingRepository extends JpaRepository<SettingEntity, Integer> {}
