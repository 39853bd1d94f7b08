-- The database and its two users: the owner brings it up to date and makes backups (upgrades and commands), the application reads and writes rows.
CREATE DATABASE IF NOT EXISTS `@DB_NAME@`;
CREATE USER IF NOT EXISTS 'heurema_owner'@'@DB_CLIENT@';
ALTER USER 'heurema_owner'@'@DB_CLIENT@' IDENTIFIED BY '@OWNER_PASSWORD@';
GRANT ALL ON `@DB_NAME@`.* TO 'heurema_owner'@'@DB_CLIENT@';
GRANT ALL ON `@DB_NAME@\_%`.* TO 'heurema_owner'@'@DB_CLIENT@';
CREATE USER IF NOT EXISTS 'heurema_application'@'@DB_CLIENT@';
ALTER USER 'heurema_application'@'@DB_CLIENT@' IDENTIFIED BY '@DB_PASSWORD@';
GRANT SELECT, INSERT, UPDATE, DELETE ON `@DB_NAME@`.* TO 'heurema_application'@'@DB_CLIENT@';
