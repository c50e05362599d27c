package elsko.server.stores;

import org.springframework.data.jpa.repository.JpaRepository;

interface PackageSizeRepository extends JpaRepository<PackageSize, String> {}
