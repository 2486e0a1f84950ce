"""What the shop has and how it works: parts in stock, tools, settings that held, ways."""
