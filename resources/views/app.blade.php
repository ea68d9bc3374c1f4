<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Rilvet</title>
    <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 22 22'%3E%3Crect x='1' y='2' width='20' height='4' rx='1.5' fill='%235C2B57'/%3E%3Crect x='1' y='9' width='13' height='4' rx='1.5' fill='%23A8691C'/%3E%3Crect x='1' y='16' width='17' height='4' rx='1.5' fill='%23AE95AB'/%3E%3C/svg%3E">
    @viteReactRefresh
    @vite(['resources/js/main.tsx'])
</head>
<body>
<div id="app"></div>
</body>
</html>
